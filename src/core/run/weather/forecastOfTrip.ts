import { SIXTY_F_K } from '@/core/units/referenceTemperatures'
import type { Forecast } from './forecast'
import { usualRunSettings } from '@/core/run/runSettings'
import type { TripPlan } from '@/core/run/tripPlan'
import { typedForecast } from './typedForecast'

/** By so much a day is warmer than its night. [common practice] */
const DAY_SWING_K = 10

/**
 * The weather a trip is reckoned with: its forecast, else every night as cold as the coldest.
 *
 * @param trip - without either it is taken to be mild, which its findings say
 */
export function forecastOfTrip({
  forecast,
  coldestK,
  nights,
  settings,
}: Pick<TripPlan, 'forecast' | 'coldestK' | 'nights' | 'settings'>): Forecast {
  if (forecast) return forecast
  const lowK = coldestK ?? SIXTY_F_K
  const { startH } = settings ?? usualRunSettings
  const night = { lowK, highK: lowK + DAY_SWING_K, windMS: 0 }
  return {
    ...typedForecast(
      Array.from({ length: nights }, () => night),
      startH,
    ),
    origin: 'coldest-night',
  }
}
