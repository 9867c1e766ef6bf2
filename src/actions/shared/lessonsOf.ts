import type { Supply } from '@/core/cylinders/cylinderKind'
import { runRigOf } from '@/core/trip/readiness/rigGear'
import { nothingSupposed } from '@/core/run/simulation/runInput'
import { runOutlook } from '@/core/run/simulation/runOutlook'
import { lessonOf, type LessonFound } from '@/core/trip/usage/usageCalibration'
import { database } from '@/records/database'
import { listReadings } from '@/records/repositories/cylinders/readings'
import type { JudgedTrip } from './judgedTrip'

/** What the weigh-ins of a trip teach of each supply, against its habits as entered. */
export function lessonsOf({ gear, plan, nowIso }: JudgedTrip): Record<Supply, LessonFound> {
  const { run } = runOutlook(runRigOf(gear), { ...plan, learned: {} }, nothingSupposed)
  const readings = listReadings(database(), gear.cylinders)
  const of = (supply: Supply): LessonFound => lessonOf(supply, gear.cylinders, readings, plan, run, nowIso)
  return { line: of('line'), bottles: of('bottles') }
}
