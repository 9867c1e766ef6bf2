import { and, eq, isNull } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import { lastOfEach } from './byCylinder'
import type { Database } from '@/records/databaseType'
import { appendEvent, type EventEntry, latestFirst, hasHappened } from '@/records/repositories/appendEvent'
import { weighings } from '@/records/schema/schema'

export type StoredWeighing = typeof weighings.$inferSelect

/** Newest first; for equal times the one entered later. */
const newestFirst = [...latestFirst(weighings.weighedAt, weighings.sequence)]

/** Last valid weighing of each cylinder. */
export function lastWeighings(database: Database, cylinderIds: readonly string[]): Map<string, StoredWeighing> {
  return lastOfEach(cylinderIds, (id) =>
    database
      .select()
      .from(weighings)
      .where(and(eq(weighings.cylinderId, id), isNull(weighings.voidedAt), hasHappened(weighings.weighedAt)))
      .orderBy(...newestFirst)
      .limit(1)
      .get(),
  )
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
