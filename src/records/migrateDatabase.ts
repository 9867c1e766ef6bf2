import { drizzle } from 'drizzle-orm/better-sqlite3'
import { migrate } from 'drizzle-orm/better-sqlite3/migrator'
import fs from 'node:fs'
import path from 'node:path'
import { z } from '@/core/base/zod'
import type { Database } from './databaseType'
import { RecordsError } from './RecordsError'

const MIGRATIONS = path.resolve('drizzle')

const journalSchema = z.object({ entries: z.array(z.object({ when: z.number(), tag: z.string() })) })

function knownMigrations(): { when: number; tag: string }[] {
  const file = path.join(MIGRATIONS, 'meta', '_journal.json')
  return journalSchema.parse(JSON.parse(fs.readFileSync(file, 'utf8'))).entries
}

function appliedMoments(database: Database): number[] {
  const table = database.$client.prepare(`SELECT 1 FROM sqlite_master WHERE name = '__drizzle_migrations'`).get()
  if (!table) return []
  const rows = database.$client.prepare('SELECT created_at FROM __drizzle_migrations').pluck().all()
  return rows.map(Number)
}

/**
 * Migrates a database to this version; a copy goes to `backups` beside it first.
 *
 * @param file - path the database is known by, for the copy's name
 * @throws RecordsError when the file was made by a newer version
 */
export function migrateDatabase(database: Database, file: string): void {
  const known = knownMigrations()
  const applied = appliedMoments(database)
  const newest = Math.max(...known.map(({ when }) => when))
  if (applied.some((moment) => moment > newest)) {
    throw new RecordsError(`The records at ${file} were made by a newer version of Gold Kettle. Start that version.`)
  }
  const next = known.find(({ when }) => !applied.includes(when))
  if (!next) return
  if (applied.length > 0) {
    const folder = path.join(path.dirname(file), 'backups')
    fs.mkdirSync(folder, { recursive: true })
    const stamp = new Date().toISOString().replace(/[:.]/g, '-')
    const copy = path.join(folder, `${path.basename(file, '.db')}-before-${next.tag}-${stamp}.db`)
    database.$client.prepare('VACUUM INTO ?').run(copy)
  }
  migrate(drizzle({ client: database.$client }), { migrationsFolder: MIGRATIONS })
}
