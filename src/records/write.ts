import type Sqlite from 'better-sqlite3'
import { and, eq } from 'drizzle-orm'
import { drizzle } from 'drizzle-orm/better-sqlite3'
import type { AnySQLiteColumn, SQLiteInsertValue, SQLiteTable } from 'drizzle-orm/sqlite-core'
import * as schema from '@/records/schema/schema'
import type { Database, WritableDatabase } from './databaseType'
import { isReplaced } from './claimFile'
import { ConflictError, NotFoundError, RecordsError } from './RecordsError'

const writable = new WeakMap<Sqlite.Database, WritableDatabase>()

function writableOf(client: Sqlite.Database): WritableDatabase {
  const known = writable.get(client) ?? drizzle({ client, schema, casing: 'snake_case' })
  writable.set(client, known)
  return known
}

/**
 * Runs writes in a transaction: all of them are on disk when it returns, none when it throws. Inside another `write`
 * it is a savepoint of that one.
 *
 * Outside a transaction SQLite commits when a statement is reset, and a failed commit is not reported there for a
 * statement that returns rows; an explicit COMMIT reports it.
 */
export function write<Result>(database: Database, run: (records: WritableDatabase) => Result): Result {
  const client = database.$client
  if (!client.inTransaction && isReplaced(client)) {
    throw new RecordsError(
      `Not saved: the file ${client.name} was replaced while Gold Kettle was running. Stop Gold Kettle and start it again.`,
    )
  }
  return client.transaction(() => run(writableOf(client))).immediate()
}

/** Runs reads in one transaction, so that they see the same records. */
export function readTogether<Result>(database: Database, run: () => Result): Result {
  return database.$client.transaction(run)()
}

/** Inserts a row and returns it with its defaults. */
export function insertRow<Table extends SQLiteTable>(
  database: Database,
  table: Table,
  row: SQLiteInsertValue<Table>,
): Table['$inferSelect'] {
  return write(database, (records) => {
    const [stored] = records.insert(table).values(row).returning().all() as Table['$inferSelect'][]
    if (stored === undefined) throw new RangeError('The insert returned no row')
    return stored
  })
}

/**
 * Saves over version `version` of a row.
 *
 * @param what - word for the row, for the message
 * @returns the new version
 * @throws ConflictError when a newer version exists, NotFoundError when the row does not
 */
export function updateVersion(
  database: Database,
  table: SQLiteTable & { id: AnySQLiteColumn; version: AnySQLiteColumn },
  { id, version }: { id: string; version: number },
  entry: Readonly<Record<string, unknown>>,
  what: string,
): number {
  return write(database, (records) => {
    const { changes } = records
      .update(table)
      .set({ ...entry, version: version + 1 })
      .where(and(eq(table.id, id), eq(table.version, version)))
      .run()
    if (changes === 1) return version + 1
    const isThere = records.select({ id: table.id }).from(table).where(eq(table.id, id)).get() !== undefined
    throw isThere ? new ConflictError() : new NotFoundError(what)
  })
}
