import { interpolateColumn } from '@/core/math/interpolation'
import { z } from '@/core/base/zod'
import { dayField } from '@/core/time/day'

/** Where a forecast comes from. */
const forecastOrigins = ['typed', 'service', 'file', 'coldest-night'] as const

/** Hourly weather from the start of the trip; the last hour is extended. */
export const forecastSchema = z.strictObject({
  origin: z.enum(forecastOrigins).default('typed'),
  /** Name of its place, weather or file, in the owner’s words. */
  name: z.string().trim().max(80).default(''),
  /** Day its hours start on, `2026-12-04`; null for values typed for the trip. */
  fromDay: dayField().nullable().default(null),
  /** Air outside at each hour, K. */
  temperatureK: z
    .array(
      z
        .number()
        .min(203.15, 'No place is colder than −94 °F (−70 °C).')
        .max(333.15, 'No air is hotter than 140 °F (60 °C).'),
    )
    .min(1, 'A forecast has one hour or more.')
    .max(24 * 367),
  /** Wind at each hour, m/s; calm when absent. */
  windMS: z
    .array(z.number().min(0, 'Wind is not less than calm.').max(60, 'That is beyond any hurricane.'))
    .max(24 * 367)
    .default([]),
  /** Standard deviation; the usual growth with time when absent. */
  spreadK: z
    .array(z.number().min(0).max(20))
    .max(24 * 367)
    .default([]),
})

export type Forecast = z.output<typeof forecastSchema>

const HOUR_S = 3600

/** Weather at a moment. */
export interface Weather {
  temperatureK: number
  windMS: number
}

/**
 * Weather over the trip, straight between the hours.
 *
 * @param forecast - hour by hour
 * @returns reads the weather at a time since the start into an object, so that a step allocates nothing
 */
export function hourlyWeather(
  forecast: Pick<Forecast, 'temperatureK' | 'windMS'>,
): (timeS: number, into: Weather) => void {
  const temperatureK = Float64Array.from(forecast.temperatureK)
  const windMS = Float64Array.from(forecast.windMS)
  return (timeS, into) => {
    const hours = timeS / HOUR_S
    into.temperatureK = interpolateColumn(temperatureK, hours)
    into.windMS = windMS.length === 0 ? 0 : interpolateColumn(windMS, hours)
  }
}

/**
 * Weather at a moment of the trip, straight between the hours.
 *
 * @param forecast - hour by hour
 * @param timeS - since the start of the trip
 */
export function weatherAt(forecast: Pick<Forecast, 'temperatureK' | 'windMS'>, timeS: number): Weather {
  const weather = { temperatureK: 0, windMS: 0 }
  hourlyWeather(forecast)(timeS, weather)
  return weather
}

const DAY_S = 86_400

/** Standard deviation on the first day, its growth per day, and its limit. [common practice] */
const FIRST_K = 1

const MORE_K_PER_DAY = 0.4

const MAX_K = 4

/**
 * Standard deviation of a forecast at a time.
 *
 * @param forecast - with its own spread, or without one
 * @param timeS - since the start of the trip
 */
export function forecastSpreadK({ spreadK }: Pick<Forecast, 'spreadK'>, timeS: number): number {
  const stated = spreadK[Math.min(spreadK.length - 1, Math.floor(timeS / HOUR_S))]
  return stated ?? Math.min(MAX_K, FIRST_K + (MORE_K_PER_DAY * timeS) / DAY_S)
}

/** Whether a forecast reaches to the last hour of a trip. */
export function isForecastLongEnough({ temperatureK }: Pick<Forecast, 'temperatureK'>, tripS: number): boolean {
  return temperatureK.length * HOUR_S >= tripS
}
