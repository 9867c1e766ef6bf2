import { and, eq, isNull, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import { lastOfEach } from './byCylinder'
import type { Database } from '@/records/databaseType'
import { appendEvent, type EventEntry, latestFirst, hasHappened } from '@/records/repositories/appendEvent'
import { weighings } from '@/records/schema/schema'

export type StoredWeighing = typeof weighings.$inferSelect

/** Newest first; for equal times the one entered later. */
const newestFirst = [...latestFirst(weighings.weighedAt, weighings.sequence)]

/** Of a cylinder, neither struck out nor dated ahead. */
const isValid = (id: string) =>
  and(eq(weighings.cylinderId, id), isNull(weighings.voidedAt), hasHappened(weighings.weighedAt))

/** Last valid weighing of each cylinder. */
export function lastWeighings(database: Database, cylinderIds: readonly string[]): Map<string, StoredWeighing> {
  return lastOfEach(cylinderIds, (id) =>
    database
      .select()
      .from(weighings)
      .where(isValid(id))
      .orderBy(...newestFirst)
      .limit(1)
      .get(),
  )
}

/** What two readings of one scale may differ by. [common practice] */
const SCALE_KG = 0.02

/**
 * Bottles whose last valid weighing is heavier than one before it.
 *
 * @param cylinderIds - of bottles that are not made to be refilled
 */
export function heavierBottles(
  database: Database,
  cylinderIds: readonly string[],
): Map<string, { byKg: number; weighedAt: string }> {
  const found = new Map<string, { byKg: number; weighedAt: string }>()
  for (const [id, { grossKg, hangingKg, weighedAt }] of lastWeighings(database, cylinderIds)) {
    // The least of all years by the database: their rows are not read.
    const lightest = database
      .select({ scaleKg: sql<number>`min(${weighings.grossKg} - ${weighings.hangingKg})` })
      .from(weighings)
      .where(isValid(id))
      .get()
    const byKg = grossKg - hangingKg - (lightest?.scaleKg ?? Infinity)
    if (byKg > SCALE_KG) found.set(id, { byKg, weighedAt })
  }
  return found
}

/** All weighings of a cylinder, newest first, including voided ones. */
export function listWeighings(database: Database, cylinderId: string): StoredWeighing[] {
  return database
    .select()
    .from(weighings)
    .where(eq(weighings.cylinderId, cylinderId))
    .orderBy(...newestFirst)
    .all()
}

/** Appends a weighing. */
export function addWeighing(
  database: Database,
  entry: EventEntry<typeof weighings>,
  id: string = randomUUID(),
): StoredWeighing {
  return appendEvent(database, weighings, { ...entry, id }, 'weighedAt')
}
