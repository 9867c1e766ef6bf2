import { databasePath } from './databasePath'
import type { Database } from './databaseType'
import { openDatabase } from './openDatabase'

// Kept on the global object: the server may load this module more than once, but one file wants one connection.
const holder = globalThis as typeof globalThis & { goldKettleDatabase?: Database }

/** The open records of this server. */
export function database(): Database {
  holder.goldKettleDatabase ??= openDatabase(databasePath())
  return holder.goldKettleDatabase
}
