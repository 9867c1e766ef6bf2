import { contentHash } from '@/records/repositories/photos'
import type { ArchiveRow } from './Archive'
import { archiveTables, pictureTables } from './archiveTables'

/** What an upgrade looks at, unchecked as it was read. */
export interface UncheckedArchive {
  version: number
  tables: Readonly<Record<string, readonly unknown[]>>
  files: Readonly<Record<string, string>>
}

function isRow(value: unknown): value is ArchiveRow {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}

/**
 * A file of version 1 in the form of version 2: events get the columns of their recording, as unknown, and pictures
 * the hash of their content. Rows are checked afterwards.
 */
export function upgradeArchive<Checked extends UncheckedArchive>(archive: Checked): Checked {
  if (archive.version !== 1) return archive
  const hashes = new Map(
    Object.entries(archive.files).map(([id, base64]) => [id, contentHash(Buffer.from(base64, 'base64'))]),
  )
  const upgraded = (name: string, row: unknown): unknown => {
    if (!isRow(row)) return row
    if (pictureTables.includes(name)) return { contentHash: hashes.get(String(row.id)) ?? null, ...row }
    const isEvent = archiveTables.find((table) => table.name === name)?.kind === 'event'
    return isEvent ? { recordedAt: null, sequence: 0, ...row } : row
  }
  const files = Object.fromEntries(Object.entries(archive.files).map(([id, base64]) => [hashes.get(id) ?? id, base64]))
  const tables = Object.fromEntries(
    Object.entries(archive.tables).map(([name, rows]) => [name, rows.map((row) => upgraded(name, row))]),
  )
  return { ...archive, version: 2, tables, files }
}
