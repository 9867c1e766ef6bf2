import { and, eq, getTableColumns, type SQL } from 'drizzle-orm'
import type { Database, WritableDatabase } from '@/records/databaseType'
import { raiseSequence } from '@/records/repositories/appendEvent'
import { keepContent } from '@/records/repositories/photos'
import { tripUses } from '@/records/schema/schema'
import { canonicalJson } from '@/records/archive/format/canonicalJson'
import { FileError } from './FileError'
import { validateRecords } from './validateRecords'
import { references, rowName } from '@/records/archive/format/references'
import type { Archive, ArchiveRow } from '@/records/archive/format/Archive'
import { archiveTables, type ArchiveTable } from '@/records/archive/format/archiveTables'
import { write } from '@/records/write'

/** Which version wins when file and records differ. */
export const differing = ['mine', 'theirs'] as const

export type ConflictChoice = (typeof differing)[number]

/** Changes of one table. */
export interface TableChange {
  table: string
  added: number
  /** Voided in the file, and now here too. */
  voided: number
  same: number
  /** Rows of which file and records differ, with the fields. */
  differing: readonly { id: string; name: string; fields: readonly string[] }[]
}

export type ImportReport = readonly TableChange[]

/** Thrown to leave everything as it was. */
class DryRun extends Error {}

function keyOf({ table }: ArchiveTable, row: ArchiveRow): SQL | undefined {
  const columns = getTableColumns(table)
  if (columns.id) return eq(columns.id, row.id)
  return and(
    ...references(table).flatMap(({ key }) => {
      const column = columns[key]
      return column ? [eq(column, row[key])] : []
    }),
  )
}

/** Rows per statement. */
const CHUNK = 200

function refuse(name: string, i: number, message: string): never {
  throw new FileError([{ path: `tables.${name}.${i}`, message, line: null }])
}

/** An event is never changed; only its voiding may be imported. */
function takeEvent(
  records: WritableDatabase,
  one: ArchiveTable,
  here: ArchiveRow,
  row: ArchiveRow,
  i: number,
): 'same' | 'voided' {
  // When it was saved, and as which, belongs to a file and not to what happened.
  const bare = ({ voidedAt, voidReason, recordedAt, sequence, ...happened }: ArchiveRow): string =>
    canonicalJson(happened)
  if (bare(here) !== bare(row)) {
    refuse(one.name, i, 'This happened here otherwise; what happened is never changed. Nothing was imported.')
  }
  if (one.kind === 'kept' || here.voidedAt !== null || row.voidedAt === null) return 'same'
  records.update(one.table).set({ voidedAt: row.voidedAt, voidReason: row.voidReason }).where(keyOf(one, row)).run()
  return 'voided'
}

/** A version above both, so that an open form detects the change. */
function nextVersion(here: ArchiveRow, row: ArchiveRow): Record<string, number> {
  return typeof here.version === 'number' ? { version: Math.max(here.version + 1, Number(row.version)) } : {}
}

/** Updates a row; a constraint violation is reported with its place. */
function report(name: string, i: number, run: () => unknown): void {
  try {
    run()
  } catch (error) {
    const { code = '' } = error as { code?: string }
    if (!code.startsWith('SQLITE_CONSTRAINT')) throw error
    refuse(name, i, 'This row cannot be: its numbers contradict each other.')
  }
}

/** A trip from the file has exactly the uses of the file. */
function dropOtherUses(records: WritableDatabase, archive: Archive): void {
  const key = (tripId: unknown, applianceId: unknown): string => JSON.stringify([tripId, applianceId])
  const kept = new Set((archive.tables.trip_uses ?? []).map((row) => key(row.tripId, row.applianceId)))
  for (const { id } of archive.tables.trips ?? []) {
    const uses = records
      .select()
      .from(tripUses)
      .where(eq(tripUses.tripId, String(id)))
      .all()
    for (const { tripId, applianceId } of uses) {
      if (kept.has(key(tripId, applianceId))) continue
      records
        .delete(tripUses)
        .where(and(eq(tripUses.tripId, tripId), eq(tripUses.applianceId, applianceId)))
        .run()
    }
  }
}

/** Rows of a table by what names each. */
function rowsByName(records: WritableDatabase, { table }: ArchiveTable): Map<string, ArchiveRow> {
  const rows = records.select().from(table).all() as ArchiveRow[]
  return new Map(rows.map((row) => [rowName(table, row), row]))
}

/** Inserts new rows in chunks; on a constraint violation the row is searched. */
function addRows(records: WritableDatabase, one: ArchiveTable, fresh: readonly { row: ArchiveRow; i: number }[]): void {
  for (let from = 0; from < fresh.length; from += CHUNK) {
    const chunk = fresh.slice(from, from + CHUNK)
    try {
      records
        .insert(one.table)
        .values(chunk.map(({ row }) => row))
        .run()
    } catch {
      for (const { row, i } of chunk) report(one.name, i, () => records.insert(one.table).values(row).run())
    }
  }
}

function importTable(
  records: WritableDatabase,
  one: ArchiveTable,
  rows: readonly ArchiveRow[],
  standing: ConflictChoice,
): TableChange {
  const change = { added: 0, voided: 0, same: 0 }
  const differs: TableChange['differing'][number][] = []
  const standingHere = rowsByName(records, one)
  const fresh: { row: ArchiveRow; i: number }[] = []
  for (const [i, row] of rows.entries()) {
    const here = standingHere.get(rowName(one.table, row))
    if (here === undefined) {
      fresh.push({ row, i })
      change.added += 1
    } else if (canonicalJson(here) === canonicalJson(row)) {
      change.same += 1
    } else if (one.kind !== 'gear') {
      change[takeEvent(records, one, here, row, i)] += 1
    } else {
      const fields = Object.keys(row).filter((key) => canonicalJson(here[key]) !== canonicalJson(row[key]))
      differs.push({ id: String(row.id ?? row.tripId), name: String(row.name ?? row.place ?? ''), fields })
      if (standing === 'theirs') {
        const taken = { ...row, ...nextVersion(here, row) }
        report(one.name, i, () => records.update(one.table).set(taken).where(keyOf(one, row)).run())
      }
    }
  }
  addRows(records, one, fresh)
  return { table: one.name, ...change, differing: differs }
}

/** The highest count of an event in a file. */
function lastSequence({ tables }: Archive): number {
  let last = 0
  for (const rows of Object.values(tables)) {
    for (const { sequence } of rows) if (typeof sequence === 'number' && sequence > last) last = sequence
  }
  return last
}

/**
 * Imports an archive, all or nothing; existing rows are never deleted.
 *
 * @param database - the records
 * @param archive - from readArchive
 * @param standing - whether mine or theirs wins when both differ
 * @param isTrial - only find out what would change
 * @returns what changed, or would
 * @throws FileError when an event differs from the recorded one, or the result cannot be judged
 */
export function importArchive(
  database: Database,
  archive: Archive,
  standing: ConflictChoice,
  isTrial: boolean,
): ImportReport {
  let report: ImportReport = []
  const take = (): void =>
    write(database, (records) => {
      for (const base64 of Object.values(archive.files)) keepContent(records, Buffer.from(base64, 'base64'))
      raiseSequence(records, lastSequence(archive))
      report = archiveTables.map((one) => importTable(records, one, archive.tables[one.name] ?? [], standing))
      if (standing === 'theirs') dropOtherUses(records, archive)
      validateRecords(database)
      if (isTrial) throw new DryRun()
    })
  try {
    take()
  } catch (error) {
    if (!(error instanceof DryRun)) throw error
  }
  return report
}
