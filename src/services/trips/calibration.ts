import { supplies, type Supply } from '@/core/cylinders/cylinderKind'
import { baselineScenario } from '@/core/run/simulation/buildRunInput'
import { runOutlook } from '@/core/run/simulation/runOutlook'
import { calibrationAnswers } from '@/core/run/tripPlan'
import { runRigOf } from '@/core/trip/readiness/rigGear'
import { calibrateUsage, taughtUses, type UsageCalibrationResult } from '@/core/trip/usage/calibrateUsage'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import { listReadings } from '@/records/repositories/cylinders/readings'
import { addCalibration, listCalibrations, type StoredCalibration } from '@/records/repositories/trips/calibrations'
import { listTrips } from '@/records/repositories/trips/trips'
import { tripMoments } from '@/core/trip/usage/tripMoments'
import { onOwnersClock } from '@/services/shared/ownersClock'
import { idField } from '@/services/shared/fields'
import { judgedTrip, type JudgedTrip } from './judgedTrip'

/** Calibration of each supply from the weigh-ins of a trip. */
export function calibrationsOfTrip({
  rig,
  row,
  gear,
  plan,
  nowIso,
}: JudgedTrip): Record<Supply, UsageCalibrationResult> {
  const { run } = runOutlook(runRigOf(gear), { ...plan, learned: {} }, baselineScenario)
  const readings = listReadings(database(), gear.cylinders)
  const others = listTrips(database(), rig.id)
    .filter(({ id }) => id !== row.id)
    .map((trip) => tripMoments(onOwnersClock(trip), nowIso))
  const of = (supply: Supply): UsageCalibrationResult =>
    calibrateUsage(supply, gear.cylinders, readings, plan, run, nowIso, others)
  return { line: of('line'), bottles: of('bottles') }
}

/** Answers given to calibrations of a trip, newest first. */
export function calibrationAnswersOf(tripId: string): StoredCalibration[] {
  return listCalibrations(database(), tripId)
}

export const calibrationSchema = z.strictObject({
  tripId: idField,
  supply: z.enum(supplies),
  answer: z.enum(calibrationAnswers),
})

/**
 * Applies or refuses the calibration of a supply; both are logged.
 *
 * @throws InputError at `supply` when there is nothing to learn
 */
export function answerCalibration(
  { tripId, supply, answer }: z.output<typeof calibrationSchema>,
  now: Date,
  key?: string,
): StoredCalibration {
  const judged = judgedTrip(tripId, now)
  if (!judged) throw new NotFoundError('trip')
  const { calibration, why } = calibrationsOfTrip(judged)[supply]
  if (!calibration) throw new InputError('supply', `There is nothing to learn: ${why.text}`)
  const { factor, burnedKg, plannedKg, untilAt } = calibration
  const uses = taughtUses(calibration, judged.plan)
  const entry = { tripId, supply, answer, factor, burntKg: burnedKg, plannedKg, untilAt, uses }
  return addCalibration(database(), { ...entry, learnedAt: now.toISOString() }, key)
}
