import type Sqlite from 'better-sqlite3'
import fs from 'node:fs'
import path from 'node:path'
import { z } from '@/core/base/zod'

export const MIGRATIONS = path.resolve(/* turbopackIgnore: true */ 'drizzle')

/** Where Drizzle notes what was applied. */
export const MIGRATIONS_TABLE = '__drizzle_migrations'

const journalSchema = z.object({ entries: z.array(z.object({ when: z.number(), tag: z.string() })) })

/** Migrations of this version, oldest first. */
export function knownMigrations(): { when: number; tag: string }[] {
  const file = path.join(MIGRATIONS, 'meta', '_journal.json')
  return journalSchema.parse(JSON.parse(fs.readFileSync(file, 'utf8'))).entries
}

/** When the migrations of a file were made, which names them. */
export function appliedMoments(client: Sqlite.Database): number[] {
  const table = client.prepare(`SELECT 1 FROM sqlite_master WHERE name = ?`).get(MIGRATIONS_TABLE)
  if (!table) return []
  return client.prepare(`SELECT created_at FROM ${MIGRATIONS_TABLE} ORDER BY created_at`).pluck().all().map(Number)
}

/** One table, index or trigger of a file. */
export interface SchemaPart {
  type: string
  name: string
  /** With single spaces; null for an index that SQLite makes. */
  sql: string | null
}

const MIGRATIONS_SQL = `CREATE TABLE "${MIGRATIONS_TABLE}" ( id SERIAL PRIMARY KEY, hash text NOT NULL, created_at numeric )`

/** Tables, indexes and triggers of a file, by name. */
export function schemaParts(client: Sqlite.Database): SchemaPart[] {
  const rows = client.prepare('SELECT type, name, sql FROM sqlite_master ORDER BY type, name').all() as SchemaPart[]
  return rows.map(({ type, name, sql }) => ({ type, name, sql: sql?.replace(/\s+/g, ' ') ?? null }))
}

/**
 * Makes the structure that a file has after some migrations.
 *
 * @param client - empty
 * @param count - of migrations, from the first on
 */
export function makeSchema(client: Sqlite.Database, count: number): void {
  // One transaction: each statement alone would wait for the disk.
  client.transaction(() => {
    client.exec(MIGRATIONS_SQL)
    for (const { tag, when } of knownMigrations().slice(0, count)) {
      const text = fs.readFileSync(path.join(MIGRATIONS, `${tag}.sql`), 'utf8')
      for (const statement of text.split('--> statement-breakpoint')) client.exec(statement)
      client.prepare(`INSERT INTO ${MIGRATIONS_TABLE} (hash, created_at) VALUES ('', ?)`).run(when)
    }
  })()
}
