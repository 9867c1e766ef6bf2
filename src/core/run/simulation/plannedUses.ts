import { heatingValueJPerKg } from '@/core/fluids/heatingValueJPerKg'
import type { ApplianceUse, TripPlan } from '@/core/run/tripPlan'
import type { TripRun } from './tripRun'

const DAY_S = 86_400

/**
 * The trip’s appliances with the hours at full input that their habits come to by weather and room.
 *
 * Hours that were typed stay what they are, but for what weigh-ins taught, and where a trip ends within a day.
 *
 * @param trip - the plan
 * @param run - of the same plan
 */
export function plannedUses(trip: TripPlan, run: TripRun): ApplianceUse[] {
  return trip.uses.map((use) => {
    const isTyped = (!use.habit || use.habit.way === 'hours') && !use.pilotW && !use.byNight?.some((on) => on !== 'gas')
    const found = run.appliances.find(({ id }) => id === use.id)
    if (isTyped && trip.lastsS === undefined) {
      const typedS = use.habit?.way === 'hours' ? use.habit.burnPerDayS : use.burnPerDayS
      return { ...use, burnPerDayS: Math.min(DAY_S, typedS * (trip.learned?.[use.supply] ?? 1)) }
    }
    if (!found || !(use.inputW > 0)) return use
    const foundS = (found.wantedKg * heatingValueJPerKg()) / use.inputW / trip.nights
    // Round the clock, a sum of steps may be a hair more than the day.
    return { ...use, burnPerDayS: Math.min(DAY_S, foundS) }
  })
}
