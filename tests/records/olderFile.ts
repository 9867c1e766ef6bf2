import Sqlite from 'better-sqlite3'
import { drizzle } from 'drizzle-orm/better-sqlite3'
import { migrate } from 'drizzle-orm/better-sqlite3/migrator'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'

/**
 * Creates a file of an earlier version: with the migrations of its time, and one rig.
 *
 * @param file - that does not exist
 * @param before - the first migration that did not exist yet
 * @returns name of its rig, and its number of triggers
 */
export function olderFile(file: string, before: string): { name: string; triggers: number } {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'gold-kettle-migrations-'))
  fs.cpSync('drizzle', folder, { recursive: true })
  const journal = path.join(folder, 'meta', '_journal.json')
  const known = JSON.parse(fs.readFileSync(journal, 'utf8')) as { entries: { tag: string }[] }
  const from = known.entries.findIndex(({ tag }) => tag === before)
  if (from < 0) throw new RangeError(`There is no migration ${before}`)
  fs.writeFileSync(journal, JSON.stringify({ ...known, entries: known.entries.slice(0, from) }))
  const client = new Sqlite(file)
  client.pragma('journal_mode = WAL')
  client.pragma(`application_id = ${0x474b6574}`)
  migrate(drizzle({ client }), { migrationsFolder: folder })
  const name = 'Marigold'
  client.prepare(`INSERT INTO rigs (id, name) VALUES ('marigold', ?)`).run(name)
  const triggers = Number(client.prepare(`SELECT count(*) FROM sqlite_master WHERE type = 'trigger'`).pluck().get())
  client.close()
  fs.rmSync(folder, { recursive: true })
  return { name, triggers }
}
