import { and, eq, inArray, isNull } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { Database } from '@/records/databaseType'
import { appendEvent, type EventEntry, latestFirst, hasHappened } from '@/records/repositories/appendEvent'
import { holdTests } from '@/records/schema/lineTables'

export type StoredHoldTest = typeof holdTests.$inferSelect

/** More hold tests than a page shows. */
const MOST = 500

/** The latest hold tests of a line, newest first, including voided ones. */
export function listHoldTests(database: Database, lineId: string): StoredHoldTest[] {
  return database
    .select()
    .from(holdTests)
    .where(eq(holdTests.lineId, lineId))
    .orderBy(...latestFirst(holdTests.heldAt, holdTests.sequence))
    .limit(MOST)
    .all()
}

/** The last valid hold test that judges the whole line: one with branches shut off does not, nor one out of range. */
export function lastHold(database: Database, lineId: string): { outcome: 'held' | 'fell'; heldAt: string } | null {
  const test = database
    .select({ outcome: holdTests.outcome, heldAt: holdTests.heldAt })
    .from(holdTests)
    .where(
      and(
        eq(holdTests.lineId, lineId),
        isNull(holdTests.voidedAt),
        hasHappened(holdTests.heldAt),
        isNull(holdTests.openBranches),
        inArray(holdTests.outcome, ['held', 'fell']),
      ),
    )
    .orderBy(...latestFirst(holdTests.heldAt, holdTests.sequence))
    .limit(1)
    .get()
  return test?.outcome === 'held' || test?.outcome === 'fell' ? { outcome: test.outcome, heldAt: test.heldAt } : null
}

export function addHoldTest(
  database: Database,
  entry: EventEntry<typeof holdTests>,
  id: string = randomUUID(),
): StoredHoldTest {
  return appendEvent(database, holdTests, { ...entry, id }, 'heldAt')
}
