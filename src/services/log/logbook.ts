import { inArray } from 'drizzle-orm'
import type { AnySQLiteColumn, SQLiteTable } from 'drizzle-orm/sqlite-core'
import type { CylinderEvents } from '@/services/cylinders/cylinderEvents'
import { database } from '@/records/database'
import { eventTables } from '@/records/repositories/events'
import { findLeakTest, type LeakTest } from '@/records/repositories/lines/leakTests'
import { type LogFilter, type LogName, logNames, logPage, type LogRow } from '@/records/repositories/logbook'
import { verdictHeads } from '@/records/repositories/trips/verdicts'
import { lineChanges } from '@/records/schema/lineTables'
import type { StoredHoldTest } from '@/services/leak-test/holdTests'
import type { StoredWarmUp } from '@/services/heat/rooms'

export { logNames }
export type { LogFilter, LogName, LogRow }

/** One page of the logbook of a rig, newest first, with the total number of lines. */
export function logbookPage(
  rigId: string,
  filter: LogFilter,
  page: number,
  pageSize: number,
): { rows: LogRow[]; count: number } {
  return logPage(database(), rigId, filter, page, pageSize)
}

function byIds<Table extends SQLiteTable & { id: AnySQLiteColumn }>(
  table: Table,
  ids: readonly string[],
): Table['$inferSelect'][] {
  return database()
    .select()
    .from(table)
    .where(inArray(table.id, [...ids]))
    .all() as Table['$inferSelect'][]
}

const idsOf = (rows: readonly LogRow[], of: LogName): string[] =>
  rows.filter((row) => row.of === of).map(({ id }) => id)

/** What happened to cylinders, of lines of the logbook. */
export function loggedCylinderEvents(rows: readonly LogRow[]): CylinderEvents {
  return {
    weighings: byIds(eventTables.weighing, idsOf(rows, 'weighing')),
    levels: byIds(eventTables.reading, idsOf(rows, 'reading')),
    fills: byIds(eventTables.fill, idsOf(rows, 'fill')),
    inspections: byIds(eventTables['look-over'], idsOf(rows, 'look-over')),
    marks: byIds(eventTables.mark, idsOf(rows, 'mark')),
    swaps: byIds(eventTables.swap, idsOf(rows, 'swap')),
  }
}

/** Tests and warm-ups, of lines of the logbook. */
export function loggedTests(rows: readonly LogRow[]): {
  soapTests: LeakTest[]
  holdTests: StoredHoldTest[]
  warmUps: StoredWarmUp[]
} {
  return {
    soapTests: idsOf(rows, 'leak-test').flatMap((id) => findLeakTest(database(), id) ?? []),
    holdTests: byIds(eventTables['hold-test'], idsOf(rows, 'hold-test')),
    warmUps: byIds(eventTables['warm-up'], idsOf(rows, 'warm-up')),
  }
}

/** Stored rows of lines of one kind, in one query. */
export function loggedRows(of: LogName, ids: readonly string[]): Readonly<Record<string, unknown>>[] {
  if (of === 'line-change') return byIds(lineChanges, ids)
  return of === 'verdict' ? verdictHeads(database(), ids) : byIds(eventTables[of], ids)
}
