import { and, desc, eq, inArray, isNull, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import { byCylinder } from './byCylinder'
import type { Database } from '@/records/databaseType'
import { appendEvent, type EventEntry, hasHappened } from '@/records/repositories/appendEvent'
import { marks } from '@/records/schema/schema'

export type StoredMark = typeof marks.$inferSelect

/** Valid marks of each cylinder, latest first. */
export function activeMarks(database: Database, cylinderIds: readonly string[]): Map<string, StoredMark[]> {
  return byCylinder(
    database
      .select()
      .from(marks)
      .where(and(inArray(marks.cylinderId, [...cylinderIds]), isNull(marks.voidedAt), hasHappened(marks.enteredAt)))
      .orderBy(desc(marks.month), desc(sql`rowid`))
      .all(),
  )
}

/** All marks of a cylinder, latest first, including voided ones. */
export function listMarks(database: Database, cylinderId: string): StoredMark[] {
  return database
    .select()
    .from(marks)
    .where(eq(marks.cylinderId, cylinderId))
    .orderBy(desc(marks.month), desc(sql`rowid`))
    .all()
}

export function addMark(database: Database, entry: EventEntry<typeof marks>, id: string = randomUUID()): StoredMark {
  return appendEvent(database, marks, { ...entry, id }, 'enteredAt')
}
