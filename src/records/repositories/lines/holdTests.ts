import { desc, eq, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { Database } from '@/records/databaseType'
import { holdTests } from '@/records/schema/lineTables'
import { insertRow } from '@/records/write'

export type StoredHoldTest = typeof holdTests.$inferSelect

/** Hold tests of a line, newest first, including voided ones. */
export function listHoldTests(database: Database, lineId: string): StoredHoldTest[] {
  return database
    .select()
    .from(holdTests)
    .where(eq(holdTests.lineId, lineId))
    .orderBy(desc(holdTests.heldAt), desc(sql`rowid`))
    .all()
}

export function addHoldTest(
  database: Database,
  entry: Omit<StoredHoldTest, 'id' | 'voidedAt' | 'voidReason'>,
  id: string = randomUUID(),
): StoredHoldTest {
  return insertRow(database, holdTests, { ...entry, id })
}
