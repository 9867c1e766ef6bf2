import type Sqlite from 'better-sqlite3'
import type { BetterSQLite3Database } from 'drizzle-orm/better-sqlite3'
import type * as schema from '@/records/schema/schema'

/** Records inside a transaction of `write`. */
export type WritableDatabase = BetterSQLite3Database<typeof schema>

/** Open records, for reading. Writing goes through `write`, so that nothing is called saved that is not on disk. */
export type Database = Omit<WritableDatabase, 'insert' | 'update' | 'delete' | 'transaction' | 'run'> & {
  $client: Sqlite.Database
}
