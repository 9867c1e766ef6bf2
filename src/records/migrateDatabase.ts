import { drizzle } from 'drizzle-orm/better-sqlite3'
import { migrate } from 'drizzle-orm/better-sqlite3/migrator'
import { createHash } from 'node:crypto'
import fs from 'node:fs'
import path from 'node:path'
import { writeBackup } from '@/records/archive/backup/backup'
import { hashTables } from '@/records/archive/backup/manifest'
import type { Database } from './databaseType'
import { backupsFolder, fileTimestamp } from './durableFile'
import { appliedMoments, knownMigrations, MIGRATIONS } from './migrations'
import { RecordsError } from './RecordsError'

/** A start that fails does not add a copy each time: the copy before a migration is made once. */
function copyBefore(database: Database, file: string, tag: string): void {
  const folder = backupsFolder(file)
  const start = `${path.basename(file, '.db')}-before-${tag}-`
  const earlier = fs.existsSync(folder) ? fs.readdirSync(folder).filter((name) => name.startsWith(start)) : []
  const hash = stateHash(database)
  if (earlier.some((name) => name.includes(hash))) return
  const now = new Date().toISOString()
  writeBackup(database, path.join(folder, `${start}${fileTimestamp(now)}-${hash}.db`), now)
}

/** Short hash over all rows, so that a copy of the same state is known. */
function stateHash(database: Database): string {
  return createHash('sha256')
    .update(JSON.stringify(hashTables(database.$client)))
    .digest('hex')
    .slice(0, 8)
}

/**
 * Migrates a database to this version; a copy goes to `backups` beside it first.
 *
 * @param file - path the database is known by, for the copy's name
 * @param withCopy - whether a copy is made first
 * @throws RecordsError when the file was made by a newer version
 */
export function migrateDatabase(database: Database, file: string, withCopy = true): void {
  const known = knownMigrations()
  const applied = appliedMoments(database.$client)
  const newest = Math.max(...known.map(({ when }) => when))
  if (applied.some((moment) => moment > newest)) {
    throw new RecordsError(`The records at ${file} were made by a newer version of Gold Kettle. Start that version.`)
  }
  const next = known.find(({ when }) => !applied.includes(when))
  if (!next) return
  if (withCopy && applied.length > 0) copyBefore(database, file, next.tag)
  migrate(drizzle({ client: database.$client }), { migrationsFolder: MIGRATIONS })
}
