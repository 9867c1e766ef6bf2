import { InputError } from '@/core/base/InputError'
import { dayWarmth } from './dayWarmth'
import type { Forecast } from './forecast'

/** A day and night as one types them. */
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
    // Each night's numbers hold from the trip's hour of the day to the same hour of the next.
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
