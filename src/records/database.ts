import path from 'node:path'
import type { Database } from './databaseType'
import { openDatabase } from './openDatabase'

// Stored on the global object: the server may load this module more than once, but the file needs one connection.
const holder = globalThis as typeof globalThis & { goldKettleDatabase?: Database }

/** The open records of this server. */
export function database(): Database {
  holder.goldKettleDatabase ??= openDatabase(databasePath())
  return holder.goldKettleDatabase
}

/** Path of the records: `GOLD_KETTLE_DB`, or `data/gold-kettle.db` in the project. */
export function databasePath(): string {
  const set = process.env.GOLD_KETTLE_DB?.trim()
  return path.resolve(/* turbopackIgnore: true */ set || path.join('data', 'gold-kettle.db'))
}
