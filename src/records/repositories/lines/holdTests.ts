import { eq } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { Database } from '@/records/databaseType'
import { appendEvent, type EventEntry, latestFirst } from '@/records/repositories/appendEvent'
import { holdTests } from '@/records/schema/lineTables'

export type StoredHoldTest = typeof holdTests.$inferSelect

/** Hold tests of a line, newest first, including voided ones. */
export function listHoldTests(database: Database, lineId: string): StoredHoldTest[] {
  return database
    .select()
    .from(holdTests)
    .where(eq(holdTests.lineId, lineId))
    .orderBy(...latestFirst(holdTests.heldAt, holdTests.sequence))
    .all()
}

export function addHoldTest(
  database: Database,
  entry: EventEntry<typeof holdTests>,
  id: string = randomUUID(),
): StoredHoldTest {
  return appendEvent(database, holdTests, { ...entry, id }, 'heldAt')
}
