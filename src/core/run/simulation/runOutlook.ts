import { heatingValueJPerKg } from '@/core/fluids/fluidData'
import { gasForTrip, type SupplyBalance } from '@/core/run/analysis/gasForTrip'
import { learnedFactor, learnedOf } from '@/core/run/learnedUse'
import { type ApplianceUse, type TripPlan, requireTrip } from '@/core/run/tripPlan'
import { buildRunInput, type RunRig, type Scenario } from './buildRunInput'
import { runTrip } from './runTrip'
import type { TripRun, TripRunInput } from './tripRun'

const DAY_S = 86_400

/**
 * The trip’s appliances with the hours at full input that their habits come to by weather and room.
 *
 * Typed hours stay as they are, except for the learned factor and a trip that ends within a day.
 *
 * @param trip - the plan
 * @param run - of the same plan
 */
export function plannedUses(trip: TripPlan, run: TripRun): ApplianceUse[] {
  return trip.uses.map((entered) => {
    const use = { ...entered, taught: learnedOf(entered, trip.learned ?? {}) }
    const isTyped = (!use.habit || use.habit.way === 'hours') && !use.pilotW && !use.byNight?.some((on) => on !== 'gas')
    const found = run.appliances.find(({ id }) => id === use.id)
    if (isTyped && trip.lastsS === undefined) {
      const typedS = use.habit?.way === 'hours' ? use.habit.burnPerDayS : use.burnPerDayS
      return { ...use, burnPerDayS: Math.min(DAY_S, typedS * learnedFactor(entered, trip.learned ?? {})) }
    }
    if (!found || !(use.inputW > 0)) return use
    const foundS = (found.wantedKg * heatingValueJPerKg()) / use.inputW / trip.nights
    // Round the clock, a sum of steps may be a hair more than the day.
    return { ...use, burnPerDayS: Math.min(DAY_S, foundS) }
  })
}

/** A simulated trip with all that a page shows of it. */
export interface RunOutlook {
  /** With the hours that habits come to. */
  trip: TripPlan
  input: TripRunInput
  run: TripRun
  /** Gas aboard and burned, without the scenario. */
  balances: readonly SupplyBalance[]
}

/**
 * Simulates a trip of a rig hour by hour in a scenario.
 *
 * @param rig - cylinders, lines, room and battery
 * @param plan - of the trip
 * @param scenario - assumed before leaving
 * @throws InputError for an impossible trip
 */
export function runOutlook(rig: RunRig, plan: TripPlan, scenario: Scenario): RunOutlook {
  requireTrip(plan)
  const input = buildRunInput(rig, plan, scenario)
  const run = runTrip(input)
  const trip = { ...plan, uses: plannedUses(plan, run) }
  return { trip, input, run, balances: gasForTrip(rig.cylinders, trip) }
}
