import type { Supply } from '@/core/cylinders/cylinderKind'
import { runRigOf } from '@/core/trip/readiness/rigGear'
import { baselineScenario } from '@/core/run/simulation/buildRunInput'
import { runOutlook } from '@/core/run/simulation/runOutlook'
import { calibrateUsage, type UsageCalibrationResult } from '@/core/trip/usage/calibrateUsage'
import { database } from '@/records/database'
import { listReadings } from '@/records/repositories/cylinders/readings'
import type { JudgedTrip } from './judgedTrip'

/** What the weigh-ins of a trip teach of each supply, against its habits as entered. */
export function calibrationsOfTrip({ gear, plan, nowIso }: JudgedTrip): Record<Supply, UsageCalibrationResult> {
  const { run } = runOutlook(runRigOf(gear), { ...plan, learned: {} }, baselineScenario)
  const readings = listReadings(database(), gear.cylinders)
  const of = (supply: Supply): UsageCalibrationResult =>
    calibrateUsage(supply, gear.cylinders, readings, plan, run, nowIso)
  return { line: of('line'), bottles: of('bottles') }
}
