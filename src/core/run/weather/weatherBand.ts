import { type Forecast, forecastSpreadK, weatherAt } from './forecast'
import type { TypedNight } from './typedForecast'

/** An hour of weather with its range. */
interface WeatherHour {
  timeS: number
  temperatureK: number
  lowK: number
  highK: number
  windMS: number
}

const HOUR_S = 3600

/** Most points of a chart. */
const MAX = 400

/**
 * Weather for a chart: hours of a trip with one standard deviation to each side.
 *
 * @param forecast - hour by hour
 * @param nights - of the trip
 */
export function weatherBand(forecast: Forecast, nights: number): WeatherHour[] {
  const hours = nights * 24
  const every = Math.max(1, Math.ceil(hours / MAX))
  return Array.from({ length: Math.floor(hours / every) + 1 }, (_, i) => {
    const timeS = i * every * HOUR_S
    const { temperatureK, windMS } = weatherAt(forecast, timeS)
    const spread = forecastSpreadK(forecast, timeS)
    return { timeS, temperatureK, lowK: temperatureK - spread, highK: temperatureK + spread, windMS }
  })
}

/**
 * Lowest and highest temperature and mean wind of each night of a forecast, for editing by hand.
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
