import { and, eq, inArray, isNull } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import { byCylinder } from './byCylinder'
import type { Database } from '@/records/databaseType'
import { appendEvent, type EventEntry, latestFirst, hasHappened } from '@/records/repositories/appendEvent'
import { looks } from '@/records/schema/schema'

export type StoredInspection = typeof looks.$inferSelect

/** Valid inspections and clearances of each cylinder, newest first. */
export function activeInspections(database: Database, cylinderIds: readonly string[]): Map<string, StoredInspection[]> {
  return byCylinder(
    database
      .select()
      .from(looks)
      .where(and(inArray(looks.cylinderId, [...cylinderIds]), isNull(looks.voidedAt), hasHappened(looks.lookedAt)))
      .orderBy(...latestFirst(looks.lookedAt, looks.sequence))
      .all(),
  )
}

/** All inspections of a cylinder, newest first, including voided ones. */
export function listInspections(database: Database, cylinderId: string): StoredInspection[] {
  return database
    .select()
    .from(looks)
    .where(eq(looks.cylinderId, cylinderId))
    .orderBy(...latestFirst(looks.lookedAt, looks.sequence))
    .all()
}

export function addInspection(
  database: Database,
  entry: EventEntry<typeof looks>,
  id: string = randomUUID(),
): StoredInspection {
  return appendEvent(database, looks, { ...entry, id }, 'lookedAt')
}
