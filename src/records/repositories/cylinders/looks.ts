import { and, desc, eq, inArray, isNull, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import { byCylinder } from './byCylinder'
import type { Database } from '@/records/databaseType'
import { looks } from '@/records/schema/schema'

export type StoredLook = typeof looks.$inferSelect

/** The standing look-overs and clearances of each cylinder, newest first. */
export function standingLooks(database: Database, cylinderIds: readonly string[]): Map<string, StoredLook[]> {
  return byCylinder(
    database
      .select()
      .from(looks)
      .where(and(inArray(looks.cylinderId, [...cylinderIds]), isNull(looks.voidedAt)))
      .orderBy(desc(looks.lookedAt), desc(sql`rowid`))
      .all(),
  )
}

/** Every look-over of a cylinder, newest first, the voided ones too. */
export function listLooks(database: Database, cylinderId: string): StoredLook[] {
  return database
    .select()
    .from(looks)
    .where(eq(looks.cylinderId, cylinderId))
    .orderBy(desc(looks.lookedAt), desc(sql`rowid`))
    .all()
}

export function addLook(
  database: Database,
  entry: Omit<StoredLook, 'id' | 'voidedAt' | 'voidReason'>,
  id: string = randomUUID(),
): StoredLook {
  return database
    .insert(looks)
    .values({ ...entry, id })
    .returning()
    .get()
}
