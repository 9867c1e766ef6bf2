import { InputError } from '@/core/base/InputError'
import { MOLAR_GAS_J_PER_MOLK } from '@/core/fluids/atmosphere'

export interface Co2InRoom {
  /** If all of it gets out at once and mixes. */
  allPpm: number
  /** Where a slow leak ends up, fresh air coming in. */
  leakPpm: number
}

const MOLAR_KG = 0.0440098
/** Of the room. */
const ROOM_K = 293.15
const OUTSIDE_PPM = 420
const DAY_S = 86_400

/**
 * What CO2 that gets out does to the air of a closed room, well mixed; near the floor it is more, since it sinks.
 *
 * @param massKg - in the cylinder
 * @param leakKgPerDay - of a slow leak
 * @param roomM3 - of the room
 * @param freshM3S - air that comes in
 * @param atmospherePa - of the place: the same gas takes more room in thin air
 * @throws InputError for a room without volume or no fresh air at all
 */
export function co2InRoom(
  massKg: number,
  leakKgPerDay: number,
  roomM3: number,
  freshM3S: number,
  atmospherePa: number,
): Co2InRoom {
  if (!(roomM3 > 0)) throw new InputError('roomM3', 'A room has more than zero.')
  if (!(freshM3S > 0)) throw new InputError('freshM3S', 'Every camper leaks some air.')
  if (!(massKg >= 0)) throw new InputError('massKg', 'The gas cannot be less than zero.')
  if (!(leakKgPerDay >= 0)) throw new InputError('leakKgPerDay', 'A leak is not less than zero.')
  if (!(atmospherePa > 0)) throw new InputError('atmospherePa', 'Enter an air pressure above 0.')
  const moleM3 = (MOLAR_GAS_J_PER_MOLK * ROOM_K) / atmospherePa
  const gasM3 = (massKg / MOLAR_KG) * moleM3
  const leakM3S = (leakKgPerDay / DAY_S / MOLAR_KG) * moleM3
  return {
    // What comes in drives mixed air out.
    allPpm: OUTSIDE_PPM + 1e6 * (1 - Math.exp(-gasM3 / roomM3)),
    leakPpm: OUTSIDE_PPM + (1e6 * leakM3S) / (leakM3S + freshM3S),
  }
}
