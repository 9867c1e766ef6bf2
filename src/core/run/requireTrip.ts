import { InputError } from '@/core/base/InputError'
import type { TripPlan } from './tripPlan'

const DAY_S = 86_400
/** A year and a day are more than any plan holds. */
const MOST_NIGHTS = 366

/**
 * Refuses a trip that cannot be.
 *
 * @throws InputError for nights under 1 or over a year, hours over 24 a day, or a reserve outside 0 to 1
 */
export function requireTrip(trip: TripPlan): void {
  if (!Number.isInteger(trip.nights) || trip.nights < 1) throw new InputError('nights', 'A trip has one night or more.')
  if (trip.nights > MOST_NIGHTS) throw new InputError('nights', 'Plan a year at most.')
  if (!(trip.reserveShare >= 0 && trip.reserveShare <= 1)) {
    throw new InputError('reserveShare', 'The reserve must lie between 0 and 100 %.')
  }
  for (const [i, use] of trip.uses.entries()) {
    if (!(use.burnPerDayS >= 0 && use.burnPerDayS <= DAY_S)) {
      throw new InputError(`uses.${i}.burnPerDayS`, `${use.name}: a day has 24 hours.`)
    }
  }
}
