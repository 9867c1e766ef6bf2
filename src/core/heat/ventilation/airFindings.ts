import type { Finding } from '@/core/findings/Finding'
import { roomVentilation } from './ventilationCheck'
import { makeFinding } from '@/core/findings/makeFinding'
import type { HeaterGear, RoomGear } from '@/core/heat/room/roomPlan'

/**
 * Findings about the openings of a room for the unvented heaters used in it.
 *
 * @param gear - the room with its openings as they are now
 * @param burning - unvented heaters used there; they may burn together
 */
export function airFindings(gear: RoomGear, burning: readonly HeaterGear[]): Finding[] {
  if (burning.length === 0) return []
  const { check } = roomVentilation(gear.shelter.room, burning)
  const at = { subjectId: gear.id } as const
  const names = burning.map(({ name }) => name).join(' and ')
  const parts = {
    names,
    room: gear.name,
    open: { value: check.countedM2, role: 'area' },
    needed: { value: check.neededM2, role: 'area', rounded: 'up' },
  } as const
  if (!check.isEnough) {
    return [
      makeFinding('heat', 'ventilation-short', {
        ...at,
        text: 'For {names} {needed} must stand open in {room}; {open} counts.',
        reason:
          'A heater without a chimney burns the air of the room. Calm air is assumed; what is screened, iced or all in one place counts for less.',
        parts,
      }),
    ]
  }
  if (check.isTwoWay) return []
  return [
    makeFinding('heat', 'air-one-way', {
      ...at,
      text: 'All that is open in {room} is in one place.',
      reason: 'Air comes in low and goes out high, or passes from side to side. Open a second place.',
      parts,
    }),
  ]
}
