import { and, desc, eq, isNull, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import { lastOfEach } from './byCylinder'
import type { Database } from '@/records/databaseType'
import { weighings } from '@/records/schema/schema'
import { insertRow } from '@/records/write'

export type StoredWeighing = typeof weighings.$inferSelect

/** Newest first; for equal times the one entered later. */
const newestFirst = [desc(weighings.weighedAt), desc(sql`rowid`)]

/** Last valid weighing of each cylinder. */
export function lastWeighings(database: Database, cylinderIds: readonly string[]): Map<string, StoredWeighing> {
  return lastOfEach(cylinderIds, (id) =>
    database
      .select()
      .from(weighings)
      .where(and(eq(weighings.cylinderId, id), isNull(weighings.voidedAt)))
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
  entry: Omit<StoredWeighing, 'id' | 'voidedAt' | 'voidReason'>,
  id: string = randomUUID(),
): StoredWeighing {
  return insertRow(database, weighings, { ...entry, id })
}
