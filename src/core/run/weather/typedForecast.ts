import { InputError } from '@/core/base/InputError'
import type { Forecast } from './forecast'

/** Hours of the lowest and highest temperature. [common practice] */
const COLDEST_H = 6

const WARMEST_H = 15

/**
 * Temperature between the night's low and the day's high, as a share: half a cosine up, half a cosine down.
 *
 * @param clockH - hour of the clock, 0 to 24
 * @returns 0 at the coldest hour, 1 at the warmest
 */
export function dayWarmth(clockH: number): number {
  const since = (clockH - COLDEST_H + 24) % 24
  const up = WARMEST_H - COLDEST_H
  return since <= up
    ? (1 - Math.cos((Math.PI * since) / up)) / 2
    : (1 + Math.cos((Math.PI * (since - up)) / (24 - up))) / 2
}

/** A typed day and night. */
export interface TypedNight {
  lowK: number
  highK: number
  windMS: number
}

/**
 * Hours of weather from the highest and lowest of each day and night.
 *
 * @param nights - one for each night of the trip, its day’s high before it
 * @param startHour - of the clock when the trip begins
 * @throws InputError at `nights.2.lowK` for a night warmer than its day
 */
export function typedForecast(nights: readonly TypedNight[], startHour: number): Forecast {
  if (nights.length === 0) throw new InputError('nights', 'A forecast has one night or more.')
  for (const [i, { lowK, highK }] of nights.entries()) {
    if (lowK > highK)
      throw new InputError(`nights.${i}.lowK`, 'The night is warmer than its day. Are the two changed over?')
  }
  const hours = Array.from({ length: nights.length * 24 + 1 }, (_, hour) => {
    // Values of a night apply from the trip's start hour to the same hour of the next day.
    const night = nights[Math.min(nights.length - 1, Math.floor(hour / 24))]
    const share = dayWarmth((startHour + hour) % 24)
    return night
      ? { temperatureK: night.lowK + (night.highK - night.lowK) * share, windMS: night.windMS }
      : { temperatureK: 0, windMS: 0 }
  })
  return {
    origin: 'typed',
    name: '',
    fromDay: null,
    temperatureK: hours.map(({ temperatureK }) => temperatureK),
    windMS: hours.map(({ windMS }) => windMS),
    spreadK: [],
  }
}
