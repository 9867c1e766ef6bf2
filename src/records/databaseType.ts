import type Sqlite from 'better-sqlite3'
import type { BetterSQLite3Database } from 'drizzle-orm/better-sqlite3'
import type * as schema from '@/records/schema/schema'

/** Open records. */
export type Database = BetterSQLite3Database<typeof schema> & { $client: Sqlite.Database }
