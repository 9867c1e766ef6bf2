import { gasForTrip, type SupplyBalance } from '@/core/run/analysis/gasForTrip'
import { plannedUses } from './plannedUses'
import { requireTrip } from '@/core/run/requireTrip'
import { runInputOf, type RunRig, type WhatIf } from './runInputOf'
import { runTrip } from './runTrip'
import type { TripPlan } from '@/core/run/tripPlan'
import type { TripRun, TripRunInput } from './tripRun'

/** A trip as it is run, with all that a bench shows of it. */
export interface RunOutlook {
  /** With the hours that habits come to. */
  trip: TripPlan
  input: TripRunInput
  run: TripRun
  /** What is aboard against what is burnt, without what is only supposed. */
  balances: readonly SupplyBalance[]
}

/**
 * A trip of a rig hour by hour, with what one supposes before doing it.
 *
 * @param rig - cylinders, lines, room and battery
 * @param plan - of the trip
 * @param whatIf - supposed before leaving
 * @throws InputError for a trip that cannot be
 */
export function runOutlook(rig: RunRig, plan: TripPlan, whatIf: WhatIf): RunOutlook {
  requireTrip(plan)
  const input = runInputOf(rig, plan, whatIf)
  const run = runTrip(input)
  const trip = { ...plan, uses: plannedUses(plan, run) }
  return { trip, input, run, balances: gasForTrip(rig.cylinders, trip) }
}
