import { and, desc, eq, isNull, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import { lastOfEach } from './byCylinder'
import type { Database } from '@/records/databaseType'
import { levels } from '@/records/schema/schema'
import { insertRow } from '@/records/write'

export type StoredLevel = typeof levels.$inferSelect

/** Last valid reading of each cylinder. */
export function lastLevels(database: Database, cylinderIds: readonly string[]): Map<string, StoredLevel> {
  return lastOfEach(cylinderIds, (id) =>
    database
      .select()
      .from(levels)
      .where(and(eq(levels.cylinderId, id), isNull(levels.voidedAt)))
      .orderBy(desc(levels.readAt), desc(sql`rowid`))
      .limit(1)
      .get(),
  )
}

/** All readings of a cylinder, newest first, including voided ones. */
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
  return insertRow(database, levels, { ...entry, id })
}
