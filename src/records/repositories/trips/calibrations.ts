import { and, asc, desc, eq, isNull, lte, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { UseFactors } from '@/core/run/tripPlan'
import type { Database } from '@/records/databaseType'
import { trips } from '@/records/schema/schema'
import { lessons } from '@/records/schema/tripTables'
import { insertRow } from '@/records/write'

export type StoredCalibration = typeof lessons.$inferSelect
export type CalibrationEntry = Omit<StoredCalibration, 'id' | 'voidedAt' | 'voidReason'>

/** Calibrations of a trip, newest first, including voided ones. */
export function listCalibrations(database: Database, tripId: string): StoredCalibration[] {
  return database
    .select()
    .from(lessons)
    .where(eq(lessons.tripId, tripId))
    .orderBy(desc(lessons.learnedAt), desc(sql`rowid`))
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
      and(eq(trips.rigId, rigId), lte(trips.startDay, startDay), eq(lessons.answer, 'taken'), isNull(lessons.voidedAt)),
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
  return insertRow(database, lessons, { ...entry, id })
}
