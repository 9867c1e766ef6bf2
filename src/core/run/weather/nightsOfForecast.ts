import { weatherAt } from './weatherAt'
import type { Forecast } from './forecast'
import type { TypedNight } from './typedForecast'

/**
 * Lowest, highest and mean wind of each night of a forecast, to go on from by hand.
 *
 * @param forecast - hour by hour
 * @param nights - how many
 */
export function nightsOfForecast(forecast: Forecast, nights: number): TypedNight[] {
  return Array.from({ length: nights }, (_, night) => {
    const hours = Array.from({ length: 25 }, (__, hour) => weatherAt(forecast, (night * 24 + hour) * 3600))
    const temperatures = hours.map(({ temperatureK }) => temperatureK)
    return {
      lowK: Math.min(...temperatures),
      highK: Math.max(...temperatures),
      windMS: hours.reduce((sum, { windMS }) => sum + windMS, 0) / hours.length,
    }
  })
}
