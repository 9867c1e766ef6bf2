import { desc, eq, lte, sql, type SQL } from 'drizzle-orm'
import type { AnySQLiteColumn, SQLiteInsertValue, SQLiteTable } from 'drizzle-orm/sqlite-core'
import { InputError } from '@/core/base/InputError'
import type { Database, WritableDatabase } from '@/records/databaseType'
import { facts } from '@/records/schema/schema'
import { insertRow, write } from '@/records/write'

/** What is appended: all columns but those that appending and voiding fill in. */
export type EventEntry<Table extends SQLiteTable> = Omit<
  Table['$inferSelect'],
  'id' | 'voidedAt' | 'voidReason' | 'recordedAt' | 'sequence'
>

const SEQUENCE = 'event sequence'

/** How many events the file has counted. */
export function readSequence(database: Database): number {
  return Number(database.select().from(facts).where(eq(facts.key, SEQUENCE)).get()?.value ?? 0)
}

/** Lets the count of events be at least `least`: it never falls, whatever is imported or restored. */
export function raiseSequence(records: WritableDatabase, least: number): void {
  if (least === 0) return
  records
    .insert(facts)
    .values({ key: SEQUENCE, value: String(least) })
    .onConflictDoUpdate({ target: facts.key, set: { value: sql`max(CAST(${facts.value} AS INTEGER), ${least})` } })
    .run()
}

function nextSequence(records: WritableDatabase): number {
  const [fact] = records
    .insert(facts)
    .values({ key: SEQUENCE, value: '1' })
    .onConflictDoUpdate({ target: facts.key, set: { value: sql`CAST(${facts.value} AS INTEGER) + 1` } })
    .returning()
    .all()
  return Number(fact?.value)
}

/** The present instant, as stored. */
export function nowUtc(): string {
  return new Date().toISOString()
}

/** Condition that an event has happened: one dated ahead, by a clock that was wrong, does not count until then. */
export function hasHappened(at: AnySQLiteColumn): SQL {
  return lte(at, nowUtc())
}

/** Order of events by time, and for equal times by entry. */
export function latestFirst(at: AnySQLiteColumn, sequence: AnySQLiteColumn): SQL[] {
  return [desc(at), desc(sequence), desc(sql`rowid`)]
}

/**
 * Appends an event. Its identifier is the key of the request that made it: the same request sent again finds the event
 * of the first time.
 *
 * @param row - the event; what it says besides its time must be the same for the same identifier
 * @param at - key of the column that says when it happened
 * @throws InputError when the identifier belongs to another event
 */
export function appendEvent<Table extends SQLiteTable & { id: AnySQLiteColumn; recordedAt: AnySQLiteColumn }>(
  database: Database,
  table: Table,
  row: SQLiteInsertValue<Table> & { id: string },
  at: string,
): Table['$inferSelect'] {
  return write(database, (records) => {
    const known: Record<string, unknown> | undefined = records.select().from(table).where(eq(table.id, row.id)).get()
    if (known === undefined) {
      return insertRow(database, table, { ...row, recordedAt: nowUtc(), sequence: nextSequence(records) })
    }
    const differs = Object.entries(row).some(
      ([key, value]) => key !== at && JSON.stringify(known[key] ?? null) !== JSON.stringify(value ?? null),
    )
    if (differs)
      throw new InputError('', 'Another entry was already saved for this form. Reload the page and try again.')
    return known
  })
}
