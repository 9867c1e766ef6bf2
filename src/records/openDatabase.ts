import Sqlite from 'better-sqlite3'
import { drizzle } from 'drizzle-orm/better-sqlite3'
import fs from 'node:fs'
import path from 'node:path'
import type { Database } from './databaseType'
import { migrateDatabase } from './migrateDatabase'
import { RecordsError } from './RecordsError'
import * as schema from '@/records/schema/schema'

/** SQLite application id: “GKet”. */
const APPLICATION_ID = 0x474b6574

function connect(file: string): Database {
  const client = new Sqlite(file)
  client.pragma('busy_timeout = 5000')
  client.pragma('journal_mode = WAL')
  client.pragma('synchronous = FULL')
  client.pragma('foreign_keys = ON')
  return drizzle({ client, schema, casing: 'snake_case' })
}

function requireOurs(database: Database, file: string): void {
  const id = database.$client.pragma('application_id', { simple: true })
  if (id !== APPLICATION_ID) {
    throw new RecordsError(`The file ${file} is a database of another program. Set GOLD_KETTLE_DB to another place.`)
  }
}

/** A new file is prepared under another name, so that an interrupted start leaves no partial file. */
function create(file: string): void {
  const draft = `${file}.new`
  for (const ending of ['', '-wal', '-shm']) fs.rmSync(draft + ending, { force: true })
  const database = connect(draft)
  database.$client.pragma(`application_id = ${APPLICATION_ID}`)
  migrateDatabase(database, file)
  database.$client.pragma('wal_checkpoint(TRUNCATE)')
  database.$client.close()
  fs.renameSync(draft, file)
}

/**
 * Opens the records, making or migrating them as needed.
 *
 * @param file - absolute path
 * @throws RecordsError with a sentence: an empty file, a foreign one, a newer version, or no access
 */
export function openDatabase(file: string): Database {
  try {
    fs.mkdirSync(path.dirname(file), { recursive: true })
    if (!fs.existsSync(file)) create(file)
    const stat = fs.statSync(file)
    if (stat.isDirectory()) throw new RecordsError(`${file} is a folder; the records want a file.`)
    if (stat.size === 0) {
      throw new RecordsError(
        `The file ${file} is empty. If it held records, put a copy from data/backups in its place; if not, delete it and start again.`,
      )
    }
    const database = connect(file)
    try {
      requireOurs(database, file)
      migrateDatabase(database, file)
      return database
    } catch (error) {
      database.$client.close()
      throw error
    }
  } catch (error) {
    if (error instanceof RecordsError) throw error
    const cause = error as NodeJS.ErrnoException
    if (cause.code === 'SQLITE_NOTADB' || cause.code === 'SQLITE_CORRUPT') {
      throw new RecordsError(
        `The file ${file} cannot be read as a database: it is damaged or something else. Nothing was changed in it.`,
        { cause },
      )
    }
    throw new RecordsError(`The records at ${file} cannot be opened: ${cause.message}.`, { cause })
  }
}
