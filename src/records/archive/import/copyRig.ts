import { eq } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { Database } from '@/records/databaseType'
import { rigs } from '@/records/schema/schema'
import { exportArchive } from '@/records/archive/export/exportArchive'
import { references } from '@/records/archive/format/references'
import { importArchive } from './importArchive'
import type { ArchiveRow } from '@/records/archive/format/Archive'
import { archiveTables } from '@/records/archive/format/archiveTables'
import { write } from '@/records/write'

/** Fields inside a drawing that name a row; the others, such as the kind of a part, may look alike and are not. */
const NAMING = new Set(['cylinderId', 'applianceId', 'equipmentId', 'heaterId'])

/** The same structure with the rows it names under their new names. */
function renamedInside(value: unknown, names: ReadonlyMap<string, string>): unknown {
  if (Array.isArray(value)) return value.map((one) => renamedInside(one, names))
  if (value === null || typeof value !== 'object') return value
  return Object.fromEntries(
    Object.entries(value).map(([key, held]) => [
      key,
      typeof held === 'string' && NAMING.has(key) ? (names.get(held) ?? held) : renamedInside(held, names),
    ]),
  )
}

/** A row under its new name, naming others by theirs. */
function renamed(row: ArchiveRow, keys: readonly string[], names: ReadonlyMap<string, string>): ArchiveRow {
  return Object.fromEntries(
    Object.entries(row).map(([key, held]) => [
      key,
      typeof held === 'string' && keys.includes(key) ? (names.get(held) ?? held) : renamedInside(held, names),
    ]),
  )
}

/**
 * Copies a rig with its gear, without history.
 *
 * @param name - of the new rig
 * @returns its identifier
 */
export function copyRig(database: Database, rigId: string, name: string): string {
  const archive = exportArchive(database, rigId)
  const ids = Object.values(archive.tables).flatMap((rows) =>
    rows.flatMap(({ id }) => (typeof id === 'string' ? [id] : [])),
  )
  const names = new Map(ids.map((id) => [id, randomUUID()]))
  const tables = Object.fromEntries(
    archiveTables.map(({ name: table, table: stored }) => {
      const keys = ['id', ...references(stored).map(({ key }) => key)]
      return [table, (archive.tables[table] ?? []).map((row) => renamed(row, keys, names))]
    }),
  )
  const newId = names.get(rigId) ?? rigId
  write(database, (records) => {
    importArchive(database, { ...archive, tables }, 'mine', false)
    records.update(rigs).set({ name, version: 1, archivedAt: null }).where(eq(rigs.id, newId)).run()
  })
  return newId
}
