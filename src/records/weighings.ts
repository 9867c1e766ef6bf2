import { and, desc, eq, inArray, isNull, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import { firstByCylinder } from './byCylinder'
import type { Database } from './databaseType'
import { weighings } from './schema'

export type StoredWeighing = typeof weighings.$inferSelect

/** Newest first; of two at one moment the later entered. */
const newestFirst = [desc(weighings.weighedAt), desc(sql`rowid`)]

/** The last standing weighing of each cylinder. */
export function lastWeighings(database: Database, cylinderIds: readonly string[]): Map<string, StoredWeighing> {
  const standing = and(inArray(weighings.cylinderId, [...cylinderIds]), isNull(weighings.voidedAt))
  return firstByCylinder(
    database
      .select()
      .from(weighings)
      .where(standing)
      .orderBy(...newestFirst)
      .all(),
  )
}

/** Every weighing of a cylinder, newest first, the voided ones too. */
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
  return database
    .insert(weighings)
    .values({ ...entry, id })
    .returning()
    .get()
}
