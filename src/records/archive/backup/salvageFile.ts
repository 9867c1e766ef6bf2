import Sqlite from 'better-sqlite3'
import { archiveTables } from '@/records/archive/format/archiveTables'
import { rowSchema } from '@/records/archive/format/rowSchema'
import { APPLICATION_ID, newIdentity } from '@/records/fileHeader'
import { knownMigrations, makeSchema } from '@/records/migrations'
import { connect } from '@/records/openDatabase'
import { openUntrusted } from './copyUntrusted'
import { columnsOf, copiedTables, countRows, prepareInsert, withoutTriggers } from './rawTables'

/** What can be saved of a damaged file. */
export interface Salvage {
  tables: readonly { name: string; saved: number; lost: number }[]
}

/** After this many unreadable rows one after another the rest of the table cannot be found. */
const MAX_FAILURES = 1000

/** Rows that can be read, each by its number, so that a damaged page costs only its own rows. */
function* readableRows(
  source: Sqlite.Database,
  table: string,
  columns: readonly string[],
): Generator<unknown[] | null> {
  let last = 0
  try {
    last = Number(source.prepare(`SELECT max(rowid) FROM "${table}"`).pluck().get() ?? 0)
  } catch {
    last = 100_000
  }
  const get = source
    .prepare(`SELECT ${columns.join(', ')} FROM "${table}" WHERE rowid = ?`)
    .raw()
    .safeIntegers()
  let failures = 0
  for (let rowid = 1; rowid <= Math.min(last, 2_000_000) && failures < MAX_FAILURES; rowid += 1) {
    try {
      const row = get.get(rowid)
      if (row !== undefined) yield row as unknown[]
      failures = 0
    } catch {
      failures += 1
      yield null
    }
  }
}

function copyReadable(
  source: Sqlite.Database,
  target: Sqlite.Database,
  table: string,
  lost: Map<string, number>,
): void {
  // A file of an older version has fewer columns.
  const columns = columnsOf(source, table)
  const put = prepareInsert(target, table, columns, 'IGNORE')
  target.transaction(() => {
    for (const row of readableRows(source, table, columns)) {
      const { changes } = row === null ? { changes: 0 } : put.run(...row)
      if (changes === 0) lost.set(table, (lost.get(table) ?? 0) + 1)
    }
  })()
}

/** Takes away what does not fit: rows no page could show, and rows whose others are lost. */
function dropUnfit(target: Sqlite.Database, into: string, lost: Map<string, number>): void {
  const records = connect(into)
  for (const { name, table } of archiveTables) {
    const ids = records.$client.prepare(`SELECT rowid FROM ${name} ORDER BY rowid`).pluck().all() as number[]
    const schema = rowSchema(table)
    const rows = records.select().from(table).all()
    rows.forEach((row, i) => {
      if (schema.safeParse(row).success) return
      target.prepare(`DELETE FROM ${name} WHERE rowid = ?`).run(ids[i])
      lost.set(name, (lost.get(name) ?? 0) + 1)
    })
  }
  records.$client.close()
  for (;;) {
    const loose = target.pragma('foreign_key_check') as { table: string; rowid: number }[]
    if (loose.length === 0) return
    for (const { table, rowid } of loose) {
      const { changes } = target.prepare(`DELETE FROM "${table}" WHERE rowid = ?`).run(rowid)
      lost.set(table, (lost.get(table) ?? 0) + changes)
    }
  }
}

/**
 * Saves the rows of a damaged file that can be read and are valid, into a new file.
 *
 * @param file - damaged, and not to be trusted
 * @param into - path of the new file
 */
export function salvageFile(file: string, into: string): Salvage {
  const source = openUntrusted(file)
  const target = new Sqlite(into)
  try {
    target.pragma(`application_id = ${APPLICATION_ID}`)
    target.pragma(`user_version = ${newIdentity()}`)
    target.pragma('foreign_keys = OFF')
    makeSchema(target, knownMigrations().length)
    const lost = new Map<string, number>()
    withoutTriggers(target, () => {
      for (const table of copiedTables(source)) copyReadable(source, target, table, lost)
      dropUnfit(target, into, lost)
    })
    return {
      tables: archiveTables.map(({ name }) => ({
        name,
        saved: countRows(target, name),
        lost: lost.get(name) ?? 0,
      })),
    }
  } finally {
    source.close()
    target.close()
  }
}
