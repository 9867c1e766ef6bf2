import type Sqlite from 'better-sqlite3'
import { getTableName } from 'drizzle-orm'
import { archiveTables } from '@/records/archive/format/archiveTables'
import { facts, photoContents } from '@/records/schema/schema'

/** Tables of an owner's data that a file has, each after those it refers to. */
export function copiedTables(client: Sqlite.Database): string[] {
  const names = [getTableName(facts), getTableName(photoContents), ...archiveTables.map(({ name }) => name)]
  const has = client.prepare(`SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = ?`)
  return names.filter((name) => has.get(name))
}

/** Names of a table's columns. */
export function columnsOf(client: Sqlite.Database, table: string): string[] {
  const names = client.prepare('SELECT name FROM pragma_table_info(?)').pluck().all(table) as string[]
  return names.map((name) => `"${name}"`)
}

/**
 * Statement that inserts a row by position.
 *
 * @param otherwise - what a row that cannot be inserted does
 */
export function prepareInsert(
  client: Sqlite.Database,
  table: string,
  columns: readonly string[],
  otherwise: 'ABORT' | 'IGNORE' = 'ABORT',
): Sqlite.Statement {
  const places = columns.map(() => '?').join(', ')
  return client.prepare(`INSERT OR ${otherwise} INTO ${table} (${columns.join(', ')}) VALUES (${places})`)
}

export function countRows(client: Sqlite.Database, table: string): number {
  return Number(client.prepare(`SELECT count(*) FROM ${table}`).pluck().get())
}

/** Runs what replaces history, which the triggers forbid: they are dropped and made again. */
export function withoutTriggers(client: Sqlite.Database, run: () => void): void {
  const triggers = client.prepare(`SELECT name, sql FROM main.sqlite_master WHERE type = 'trigger'`).all() as {
    name: string
    sql: string
  }[]
  for (const { name } of triggers) client.exec(`DROP TRIGGER ${name}`)
  run()
  for (const { sql } of triggers) client.exec(sql)
}
