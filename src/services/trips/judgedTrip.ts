import { formatISO } from 'date-fns'
import type { Supply } from '@/core/cylinders/cylinderKind'
import { baselineScenario } from '@/core/run/simulation/buildRunInput'
import { runOutlook } from '@/core/run/simulation/runOutlook'
import type { TripPlan } from '@/core/run/tripPlan'
import { judgeTrip, type TripJudgment } from '@/core/trip/readiness/judgeTrip'
import { readiness, type Acceptance, type Readiness } from '@/core/trip/readiness/readiness'
import { type RigGear, runRigOf } from '@/core/trip/readiness/rigGear'
import { calibrateUsage, type UsageCalibrationResult } from '@/core/trip/usage/calibrateUsage'
import { database } from '@/records/database'
import { listReadings } from '@/records/repositories/cylinders/readings'
import { loadRig } from '@/records/repositories/rigs/loadRig'
import { findRig, type Rig } from '@/records/repositories/rigs/rigs'
import { activeAcceptances } from '@/records/repositories/trips/acceptances'
import { withClockChanges } from '@/records/repositories/trips/clockChanges'
import { findTrip, type Trip, type TripWithPlan } from '@/records/repositories/trips/trips'

/** A trip of the records with its verdict at this moment. */
export interface JudgedTrip {
  rig: Rig
  row: Trip
  plan: TripPlan
  gear: RigGear
  judgment: TripJudgment
  acceptances: readonly Acceptance[]
  ready: Readiness
  /** With the offset of where the owner is. */
  nowIso: string
}

/** A trip with its verdict, its gear being known. */
export function withVerdict(rig: Rig, trip: TripWithPlan, gear: RigGear, nowIso: string): JudgedTrip {
  const { row } = trip
  const plan = withClockChanges(trip.plan)
  const judgment = judgeTrip(gear, plan, nowIso)
  const acceptances = activeAcceptances(database(), row.id)
  return { rig, row, plan, gear, judgment, acceptances, ready: readiness(judgment.findings, acceptances), nowIso }
}

/**
 * A trip with its verdict at this moment, whichever rig it belongs to.
 *
 * @returns undefined when it is not in the records
 */
export function judgedTrip(id: string): JudgedTrip | undefined {
  const records = database()
  const trip = findTrip(records, id)
  const rig = trip && findRig(records, trip.row.rigId)
  return trip && rig && withVerdict(rig, trip, loadRig(records, rig).gear, formatISO(new Date()))
}

/** Calibration of each supply from the weigh-ins of a trip. */
export function calibrationsOfTrip({ gear, plan, nowIso }: JudgedTrip): Record<Supply, UsageCalibrationResult> {
  const { run } = runOutlook(runRigOf(gear), { ...plan, learned: {} }, baselineScenario)
  const readings = listReadings(database(), gear.cylinders)
  const of = (supply: Supply): UsageCalibrationResult =>
    calibrateUsage(supply, gear.cylinders, readings, plan, run, nowIso)
  return { line: of('line'), bottles: of('bottles') }
}
