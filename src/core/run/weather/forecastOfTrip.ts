import { MILDEST_HEATED_K } from '@/core/heat/ventilation/plannedAir'
import { usualRunSettings } from '@/core/run/runSettings'
import type { TripPlan } from '@/core/run/tripPlan'
import { SIXTY_F_K } from '@/core/units/convert'
import type { Forecast } from './forecast'
import { typedForecast } from './typedForecast'

/** Temperature difference of day and night. [common practice] */
const DAY_SWING_K = 10

/**
 * Weather of a trip: its forecast, else every night as cold as the coldest.
 *
 * @param trip - without either, mild weather is assumed and reported by a finding
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

/**
 * Lowest planned temperature: of the forecast and of the coldest night entered.
 *
 * @param trip - without either, mild weather is assumed
 */
export function coldestOfTripK({ forecast, coldestK }: Pick<TripPlan, 'forecast' | 'coldestK'>): number {
  const known = [...(forecast?.temperatureK ?? []), ...(coldestK === null ? [] : [coldestK])]
  return known.length === 0 ? SIXTY_F_K : known.reduce((least, value) => Math.min(least, value))
}

/**
 * Outside at the mildest hour of a trip at which a heater may burn on high.
 *
 * @returns K; null without hours, or when only the coldest night is known
 */
export function mildestHeatedK({ forecast }: Pick<TripPlan, 'forecast'>): number | null {
  if (!forecast) return null
  const warmestK = forecast.temperatureK.reduce((most, value) => Math.max(most, value), -Infinity)
  return Math.min(MILDEST_HEATED_K, warmestK)
}
