import { getTableColumns } from 'drizzle-orm'
import { csvTable, type CsvCell } from '@/core/base/csvTable'
import type { Database } from '@/records/databaseType'
import { canonicalJson } from '@/records/archive/format/canonicalJson'
import { archiveRows } from './archiveRows'
import type { ArchiveTable } from '@/records/archive/format/archiveTables'

/** Structures as JSON in their cell, the rest as it is. */
function cell(value: unknown): CsvCell {
  if (value === null || typeof value === 'number' || typeof value === 'boolean') return value
  return typeof value === 'string' ? value : canonicalJson(value)
}

/**
 * A table as a spreadsheet reads it; a text that a spreadsheet would take for a formula is defused by an apostrophe.
 *
 * @see RFC 4180
 */
export function tableCsv(database: Database, one: ArchiveTable): string {
  const fields = Object.keys(getTableColumns(one.table))
  const data = archiveRows(database, one).map((row) => fields.map((field) => cell(row[field])))
  return csvTable(fields, data)
}
