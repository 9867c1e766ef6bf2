import { and, desc, eq, inArray, isNull, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import { firstByCylinder } from './byCylinder'
import type { Database } from './databaseType'
import { levels } from './schema'

export type StoredLevel = typeof levels.$inferSelect

/** The last standing reading of each cylinder. */
export function lastLevels(database: Database, cylinderIds: readonly string[]): Map<string, StoredLevel> {
  return firstByCylinder(
    database
      .select()
      .from(levels)
      .where(and(inArray(levels.cylinderId, [...cylinderIds]), isNull(levels.voidedAt)))
      .orderBy(desc(levels.readAt), desc(sql`rowid`))
      .all(),
  )
}

/** Every reading of a cylinder, newest first, the voided ones too. */
export function listLevels(database: Database, cylinderId: string): StoredLevel[] {
  return database
    .select()
    .from(levels)
    .where(eq(levels.cylinderId, cylinderId))
    .orderBy(desc(levels.readAt), desc(sql`rowid`))
    .all()
}

export function addLevel(
  database: Database,
  entry: Omit<StoredLevel, 'id' | 'voidedAt' | 'voidReason'>,
  id: string = randomUUID(),
): StoredLevel {
  return database
    .insert(levels)
    .values({ ...entry, id })
    .returning()
    .get()
}
