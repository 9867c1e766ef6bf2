import { SIXTY_F_K } from '@/core/units/referenceTemperatures'
import type { TripPlan } from '@/core/run/tripPlan'

/**
 * Coldest that a trip is planned for: of its forecast and of the coldest night that was entered.
 *
 * @param trip - without either it is taken to be mild
 */
export function coldestOfTripK({ forecast, coldestK }: Pick<TripPlan, 'forecast' | 'coldestK'>): number {
  const known = [...(forecast?.temperatureK ?? []), ...(coldestK === null ? [] : [coldestK])]
  return known.length === 0 ? SIXTY_F_K : known.reduce((least, value) => Math.min(least, value))
}
