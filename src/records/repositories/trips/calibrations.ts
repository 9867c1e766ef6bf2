import { and, asc, eq, isNull, lte } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { UseFactors } from '@/core/run/tripPlan'
import type { Database } from '@/records/databaseType'
import { appendEvent, type EventEntry, latestFirst, hasHappened } from '@/records/repositories/appendEvent'
import { trips } from '@/records/schema/schema'
import { lessons } from '@/records/schema/tripTables'

export type StoredCalibration = typeof lessons.$inferSelect
export type CalibrationEntry = EventEntry<typeof lessons>

/** Calibrations of a trip, newest first, including voided ones. */
export function listCalibrations(database: Database, tripId: string): StoredCalibration[] {
  return database
    .select()
    .from(lessons)
    .where(eq(lessons.tripId, tripId))
    .orderBy(...latestFirst(lessons.learnedAt, lessons.sequence))
    .all()
}

/** Applied calibrations of this trip and the rig's earlier trips; the last one of each supply counts. */
export function learnedFactors(
  database: Database,
  { rigId, startDay }: Pick<typeof trips.$inferSelect, 'rigId' | 'startDay'>,
): UseFactors {
  const taken = database
    .select({ supply: lessons.supply, factor: lessons.factor })
    .from(lessons)
    .innerJoin(trips, eq(lessons.tripId, trips.id))
    .where(
      and(
        eq(trips.rigId, rigId),
        lte(trips.startDay, startDay),
        eq(lessons.answer, 'taken'),
        isNull(lessons.voidedAt),
        hasHappened(lessons.learnedAt),
      ),
    )
    .orderBy(asc(lessons.learnedAt))
    .all()
  return Object.fromEntries(taken.map(({ supply, factor }) => [supply, factor]))
}

export function addCalibration(
  database: Database,
  entry: CalibrationEntry,
  id: string = randomUUID(),
): StoredCalibration {
  return appendEvent(database, lessons, { ...entry, id }, 'learnedAt')
}
