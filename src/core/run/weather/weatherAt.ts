import type { Forecast } from './forecast'

const HOUR_S = 3600

function at(column: readonly number[], hours: number): number {
  const last = column.length - 1
  const place = Math.min(last, Math.max(0, hours))
  const i = Math.floor(place)
  const low = column[i] ?? 0
  return low + ((column[Math.min(last, i + 1)] ?? low) - low) * (place - i)
}

/**
 * Weather at a moment of the trip, straight between the hours.
 *
 * @param forecast - hour by hour
 * @param timeS - since the trip began
 */
export function weatherAt(forecast: Forecast, timeS: number): { temperatureK: number; windMS: number } {
  const hours = timeS / HOUR_S
  return {
    temperatureK: at(forecast.temperatureK, hours),
    windMS: forecast.windMS.length === 0 ? 0 : at(forecast.windMS, hours),
  }
}
