import { and, desc, eq, inArray, isNull, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import { byCylinder } from './byCylinder'
import type { Database } from '@/records/databaseType'
import { looks } from '@/records/schema/schema'
import { insertRow } from '@/records/write'

export type StoredInspection = typeof looks.$inferSelect

/** Valid inspections and clearances of each cylinder, newest first. */
export function activeInspections(database: Database, cylinderIds: readonly string[]): Map<string, StoredInspection[]> {
  return byCylinder(
    database
      .select()
      .from(looks)
      .where(and(inArray(looks.cylinderId, [...cylinderIds]), isNull(looks.voidedAt)))
      .orderBy(desc(looks.lookedAt), desc(sql`rowid`))
      .all(),
  )
}

/** All inspections of a cylinder, newest first, including voided ones. */
export function listInspections(database: Database, cylinderId: string): StoredInspection[] {
  return database
    .select()
    .from(looks)
    .where(eq(looks.cylinderId, cylinderId))
    .orderBy(desc(looks.lookedAt), desc(sql`rowid`))
    .all()
}

export function addInspection(
  database: Database,
  entry: Omit<StoredInspection, 'id' | 'voidedAt' | 'voidReason'>,
  id: string = randomUUID(),
): StoredInspection {
  return insertRow(database, looks, { ...entry, id })
}
