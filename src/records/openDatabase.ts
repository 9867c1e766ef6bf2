import Sqlite from 'better-sqlite3'
import { drizzle } from 'drizzle-orm/better-sqlite3'
import fs from 'node:fs'
import path from 'node:path'
import * as schema from '@/records/schema/schema'
import type { Database } from './databaseType'
import { syncFile } from './durableFile'
import { APPLICATION_ID, newIdentity, readHeader } from './fileHeader'
import { migrateDatabase } from './migrateDatabase'
import { movePhotosIn } from './movePhotosIn'
import { RecordsError } from './RecordsError'
import { isDamage, storageErrorMessage } from './storageErrorMessage'

/** Endings of the files that SQLite keeps beside a database. */
export const SIDE_ENDINGS = ['-wal', '-shm', '-journal']

/** Connects to a file that is known to be ours or new. */
export function connect(file: string): Database {
  const client = new Sqlite(file)
  client.pragma('busy_timeout = 5000')
  client.pragma('journal_mode = WAL')
  client.pragma('synchronous = FULL')
  client.pragma('foreign_keys = ON')
  return drizzle({ client, schema, casing: 'snake_case' })
}

/** Refuses what is not ours by its first bytes, so that a foreign file is not touched at all. */
function requireOurs(file: string): void {
  if (fs.statSync(file).isDirectory()) throw new RecordsError(`${file} is a folder; the records are a file.`)
  const opened = fs.openSync(file, 'r')
  try {
    const { size, isDatabase, applicationId } = readHeader(opened)
    if (size === 0) {
      throw new RecordsError(`The file ${file} is empty.`, { kind: 'damaged' })
    }
    if (!isDatabase) {
      throw new RecordsError(`The file ${file} cannot be read as a database. Nothing was changed in it.`, {
        kind: 'damaged',
      })
    }
    if (applicationId !== APPLICATION_ID) {
      throw new RecordsError(`The file ${file} is a database of another program. Set GOLD_KETTLE_DB to another place.`)
    }
  } finally {
    fs.closeSync(opened)
  }
}

/** A new file is prepared under another name, so that an interrupted start leaves no partial file. */
function create(file: string): void {
  const draft = `${file}.new`
  for (const ending of ['', ...SIDE_ENDINGS]) fs.rmSync(draft + ending, { force: true })
  const database = connect(draft)
  database.$client.pragma(`application_id = ${APPLICATION_ID}`)
  database.$client.pragma(`user_version = ${newIdentity()}`)
  migrateDatabase(database, file)
  database.$client.pragma('wal_checkpoint(TRUNCATE)')
  database.$client.close()
  syncFile(draft)
  fs.renameSync(draft, file)
}

function describe(file: string, error: unknown): RecordsError {
  if (error instanceof RecordsError) return error
  const cause = error as NodeJS.ErrnoException
  if (isDamage(error)) {
    return new RecordsError(
      `The file ${file} is damaged: it cannot be read as a database. Nothing was changed in it.`,
      {
        cause,
        kind: 'damaged',
      },
    )
  }
  const stored = storageErrorMessage(error)
  const reason = stored === null ? `${cause.message}.` : stored.replace(/^Not saved: /, '')
  return new RecordsError(`The records at ${file} cannot be opened: ${reason}`, { cause })
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
    requireOurs(file)
    const database = connect(file)
    try {
      migrateDatabase(database, file)
      movePhotosIn(database)
      return database
    } catch (error) {
      database.$client.close()
      throw error
    }
  } catch (error) {
    throw describe(file, error)
  }
}

/**
 * Opens the records beside a running program, for reading.
 *
 * @throws RecordsError with a sentence
 */
export function openBeside(file: string): Database {
  try {
    requireOurs(file)
    const client = new Sqlite(file, { readonly: true, fileMustExist: true })
    client.pragma('busy_timeout = 5000')
    return drizzle({ client, schema, casing: 'snake_case' })
  } catch (error) {
    throw describe(file, error)
  }
}
