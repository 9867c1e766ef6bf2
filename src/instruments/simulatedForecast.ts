import { fromUnit } from '@/core/units/convert'
import { dayWarmth } from '@/core/run/weather/typedForecast'

/** A place the service knows. */
export interface ForecastPlace {
  id: string
  name: string
  altitudeM: number
  /** Mean of a usual night and of a usual day, K, by season: winter, spring, summer, autumn. */
  nightK: readonly [number, number, number, number]
  swingK: number
  windMS: number
}

/** Kinds of weather that come and stay for some days. */
export const forecastSpells = ['usual', 'clear-cold', 'storm', 'thaw', 'heat'] as const

export type ForecastSpell = (typeof forecastSpells)[number]

export const spellLabels: Readonly<Record<ForecastSpell, string>> = {
  usual: 'as usual',
  'clear-cold': 'clear and cold',
  storm: 'a storm coming through',
  thaw: 'a thaw',
  heat: 'a hot spell',
}

const feet = (number: number): number => fromUnit(number, 'length', 'ft')

/** Invented places. */
export const forecastPlaces: readonly ForecastPlace[] = [
  {
    id: 'larkspur',
    name: 'Larkspur Saddle',
    altitudeM: feet(7900),
    nightK: [264.15, 270.15, 279.15, 270.15],
    swingK: 11,
    windMS: 4,
  },
  {
    id: 'quarry',
    name: 'Quarry Lake',
    altitudeM: feet(2100),
    nightK: [270.15, 277.15, 287.15, 279.15],
    swingK: 10,
    windMS: 2.5,
  },
  {
    id: 'two-pines',
    name: 'Two Pines Camp',
    altitudeM: feet(4400),
    nightK: [267.15, 274.15, 283.15, 275.15],
    swingK: 12,
    windMS: 2,
  },
  {
    id: 'saltpan',
    name: 'Saltpan Flats',
    altitudeM: feet(600),
    nightK: [276.15, 285.15, 296.15, 286.15],
    swingK: 16,
    windMS: 5,
  },
  {
    id: 'fern-coast',
    name: 'Fern Coast',
    altitudeM: feet(50),
    nightK: [277.15, 281.15, 286.15, 283.15],
    swingK: 6,
    windMS: 7,
  },
]

/** Answer of the service, hour by hour from the requested time. */
export interface ServedForecast {
  place: string
  temperatureK: number[]
  windMS: number[]
  /** Standard deviation of each hour. */
  spreadK: number[]
}

const spells: Readonly<Record<ForecastSpell, { warmerK: number; swing: number; wind: number }>> = {
  usual: { warmerK: 0, swing: 1, wind: 1 },
  'clear-cold': { warmerK: -5, swing: 1.3, wind: 0.5 },
  storm: { warmerK: -2, swing: 0.5, wind: 3 },
  thaw: { warmerK: 7, swing: 0.6, wind: 1.2 },
  heat: { warmerK: 8, swing: 1.2, wind: 0.6 },
}

/** Winter, spring, summer, autumn from the month. */
function seasonOf(month: number): 0 | 1 | 2 | 3 {
  if (month === 12 || month <= 2) return 0
  if (month <= 5) return 1
  return month <= 8 ? 2 : 3
}

/**
 * A forecast as a service might send it.
 *
 * @param placeId - one of forecastPlaces
 * @param spell - the weather that holds
 * @param startISO - first hour, `2026-12-04T15:00`
 * @param hours - how many
 * @param random - number from 0 to 1 at each call, for the days’ differences
 */
export function simulatedForecast(
  placeId: string,
  spell: ForecastSpell,
  startISO: string,
  hours: number,
  random: () => number,
): ServedForecast | null {
  const place = forecastPlaces.find(({ id }) => id === placeId)
  if (!place) return null
  const { warmerK, swing, wind } = spells[spell]
  const nightK = place.nightK[seasonOf(Number(startISO.slice(5, 7)))] + warmerK
  const startH = Number(startISO.slice(11, 13))
  const days = Array.from({ length: Math.ceil(hours / 24) + 2 }, () => ({
    off: (random() - 0.5) * 4,
    gust: 0.6 + random() * 0.8,
  }))
  const served: ServedForecast = { place: place.name, temperatureK: [], windMS: [], spreadK: [] }
  for (let hour = 0; hour <= hours; hour += 1) {
    const share = hour / 24
    const day = Math.floor(share)
    const [here, next] = [days[day] ?? { off: 0, gust: 1 }, days[day + 1] ?? { off: 0, gust: 1 }]
    const off = here.off + (next.off - here.off) * (share - day)
    const clock = dayWarmth((startH + hour) % 24)
    served.temperatureK.push(nightK + off + place.swingK * swing * clock)
    served.windMS.push(place.windMS * wind * here.gust * (0.6 + 0.8 * clock))
    // Off by a degree today, by four in a week and a half, as forecasts are.
    served.spreadK.push(Math.min(4, 1 + 0.35 * share))
  }
  return served
}
