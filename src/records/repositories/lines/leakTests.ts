import { and, asc, eq, inArray, isNull, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { LeakTestRecord } from '@/core/leak-test/sheet/leakFindings'
import type { LeakReading } from '@/core/leak-test/sheet/leakReading'
import type { Database } from '@/records/databaseType'
import { appendEvent, type EventEntry, latestFirst, hasHappened } from '@/records/repositories/appendEvent'
import { leakClosings, leakReadings, leakTests } from '@/records/schema/lineTables'

export type StoredLeakTest = typeof leakTests.$inferSelect
export type StoredLeakReading = typeof leakReadings.$inferSelect
export type StoredLeakClosing = typeof leakClosings.$inferSelect

/** A soap test with its valid readings and its end. */
export interface LeakTest extends LeakTestRecord {
  id: string
  lineId: string
  readings: readonly StoredLeakReading[]
  closing: StoredLeakClosing | null
  voidedAt: string | null
  voidReason: string | null
}

function withReadings(database: Database, tests: readonly StoredLeakTest[]): LeakTest[] {
  const ids = tests.map(({ id }) => id)
  const readings = database
    .select()
    .from(leakReadings)
    .where(and(inArray(leakReadings.testId, ids), isNull(leakReadings.voidedAt), hasHappened(leakReadings.readAt)))
    .orderBy(asc(leakReadings.readAt), asc(sql`rowid`))
    .all()
  const closings = database
    .select()
    .from(leakClosings)
    .where(and(inArray(leakClosings.testId, ids), isNull(leakClosings.voidedAt), hasHappened(leakClosings.closedAt)))
    .all()
  return tests.map((test) => {
    const closing = closings.find(({ testId }) => testId === test.id) ?? null
    return {
      ...test,
      readings: readings.filter(({ testId }) => testId === test.id),
      closing,
      closedAt: closing?.closedAt ?? null,
    }
  })
}

/** Soap tests of a line, newest first, including voided ones. */
export function listLeakTests(database: Database, lineId: string): LeakTest[] {
  const tests = database
    .select()
    .from(leakTests)
    .where(eq(leakTests.lineId, lineId))
    .orderBy(...latestFirst(leakTests.startedAt, leakTests.sequence))
    .all()
  return withReadings(database, tests)
}

/**
 * Valid readings of one place over all valid tests of its line, oldest first.
 *
 * @param tests - of the line, newest first
 */
export function readingsOfPlace(tests: readonly LeakTest[], itemId: string): StoredLeakReading[] {
  return tests
    .filter(({ voidedAt }) => voidedAt === null)
    .toReversed()
    .flatMap(({ readings }) => readings.filter((reading) => reading.itemId === itemId))
}

/** Last valid soap test of a line. */
export function lastLeakTest(database: Database, lineId: string): LeakTest | null {
  const test = database
    .select()
    .from(leakTests)
    .where(and(eq(leakTests.lineId, lineId), isNull(leakTests.voidedAt), hasHappened(leakTests.startedAt)))
    .orderBy(...latestFirst(leakTests.startedAt, leakTests.sequence))
    .limit(1)
    .all()
  return withReadings(database, test)[0] ?? null
}

export function findLeakTest(database: Database, id: string): LeakTest | undefined {
  return withReadings(database, database.select().from(leakTests).where(eq(leakTests.id, id)).all())[0]
}

export function addLeakTest(
  database: Database,
  entry: EventEntry<typeof leakTests>,
  id: string = randomUUID(),
): StoredLeakTest {
  return appendEvent(database, leakTests, { ...entry, id }, 'startedAt')
}

/** Appends a reading: of soap, unless it comes with a proof of pressure. */
export function addLeakReading(
  database: Database,
  entry: LeakReading & { testId: string },
  id: string = randomUUID(),
): StoredLeakReading {
  return appendEvent(database, leakReadings, { proof: null, repair: null, ...entry, id }, 'readAt')
}

export function addLeakClosing(
  database: Database,
  entry: EventEntry<typeof leakClosings>,
  id: string = randomUUID(),
): StoredLeakClosing {
  return appendEvent(database, leakClosings, { ...entry, id }, 'closedAt')
}
