import { type Archive, type ArchiveRow, FORMAT, FORMAT_VERSION } from '@/records/archive/format/Archive'
import { archiveTables, pictureTables } from '@/records/archive/format/archiveTables'
import { references } from '@/records/archive/format/references'
import type { Database } from '@/records/databaseType'
import { readContent } from '@/records/repositories/photos'
import { archiveRows } from './archiveRows'
import { readTogether } from '@/records/write'

/**
 * Rows of one rig: its gear with dates and warm-ups, without events, trips, prices and photos.
 *
 * @param tables - of the whole archive
 * @param rigId - the rig
 */
function rowsOfRig(tables: Archive['tables'], rigId: string): Archive['tables'] {
  const taken = new Map<string, Set<unknown>>([['rigs', new Set([rigId])]])
  return Object.fromEntries(
    archiveTables.map(({ name, table, isGear }) => {
      if (!isGear) return [name, []]
      const refers = references(table)
      const rows = (tables[name] ?? []).flatMap((row) => {
        if (name === 'rigs') return row.id === rigId ? [row] : []
        const isOurs = refers.some(({ key, to }) => row[key] !== null && taken.get(to)?.has(row[key]))
        // A mark loses its photo; a heater keeps its appliance, which is included.
        const lone = refers.filter(({ key, to }) => row[key] !== null && !taken.get(to)?.has(row[key]))
        return isOurs ? [{ ...row, ...Object.fromEntries(lone.map(({ key }) => [key, null])) }] : []
      })
      taken.set(name, new Set(rows.map((row) => (row as Record<string, unknown>).id)))
      return [name, rows]
    }),
  )
}

/** Contents of the pictures by hash; a row whose content is lost says so. */
function withFiles(database: Database, tables: Archive['tables']): Pick<Archive, 'tables' | 'files'> {
  const hashes = new Set(pictureTables.flatMap((name) => (tables[name] ?? []).map((row) => row.contentHash)))
  const files: Record<string, string> = {}
  for (const hash of hashes) {
    const bytes = typeof hash === 'string' ? readContent(database, hash) : undefined
    if (bytes) files[String(hash)] = bytes.toString('base64')
  }
  const known = (row: ArchiveRow): ArchiveRow =>
    row.contentHash === null || Object.hasOwn(files, String(row.contentHash)) ? row : { ...row, contentHash: null }
  const pictures = pictureTables.map((name) => [name, (tables[name] ?? []).map(known)])
  return { tables: { ...tables, ...Object.fromEntries(pictures) }, files }
}

/**
 * All records as one structure, in an order that does not depend on how they were entered.
 *
 * @param database - the records
 * @param rigId - only what this rig has, to give it away: no trips, history, prices or pictures
 */
export function exportArchive(database: Database, rigId?: string): Archive {
  return readTogether(database, () => {
    const all = Object.fromEntries(archiveTables.map((table) => [table.name, archiveRows(database, table)]))
    const tables = rigId === undefined ? all : rowsOfRig(all, rigId)
    return {
      format: FORMAT,
      version: FORMAT_VERSION,
      part: rigId === undefined ? 'all' : 'rig',
      ...withFiles(database, tables),
    }
  })
}
