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

/** Tables that older files, and those written before version 3 was finished, do not have. */
export const tablesAddedInVersion3: readonly string[] = ['drill_runs', 'rehearsals', 'fault_events']

/** The columns that version 3 added, with what older rows get: entered, and nothing told. */
const addedInVersion3: Readonly<Record<string, ArchiveRow>> = {
  rigs: { shell: null, sources: {}, noneNeeded: [], drivingRules: [] },
  cylinders: { sources: {} },
  appliances: { ratedInputW: null, sources: {} },
  trips: { sources: {} },
  trip_uses: { sources: {}, heatsRoom: null },
  rooms: { sources: {} },
  heaters: { sources: {} },
  levels: { sources: {} },
  leak_readings: { proof: null, repair: null },
  lessons: { uses: null },
  fills: { fees: null },
}

function withEachRow<Checked extends UncheckedArchive>(
  archive: Checked,
  upgraded: (table: string, row: ArchiveRow) => ArchiveRow,
): Checked['tables'] {
  return Object.fromEntries(
    Object.entries(archive.tables).map(([name, rows]) => [
      name,
      rows.map((row) => (isRow(row) ? upgraded(name, row) : row)),
    ]),
  )
}

function toVersion2<Checked extends UncheckedArchive>(archive: Checked): Checked {
  const hashes = new Map(
    Object.entries(archive.files).map(([id, base64]) => [id, contentHash(Buffer.from(base64, 'base64'))]),
  )
  const tables = withEachRow(archive, (name, row) => {
    if (pictureTables.includes(name)) return { contentHash: hashes.get(String(row.id)) ?? null, ...row }
    const isEvent = archiveTables.find((table) => table.name === name)?.kind === 'event'
    return isEvent ? { recordedAt: null, sequence: 0, ...row } : row
  })
  const files = Object.fromEntries(Object.entries(archive.files).map(([id, base64]) => [hashes.get(id) ?? id, base64]))
  return { ...archive, version: 2, tables, files }
}

function toVersion3<Checked extends UncheckedArchive>(archive: Checked): Checked {
  const tables = withEachRow(archive, (name, row) => ({ ...addedInVersion3[name], ...row }))
  return { ...archive, version: 3, tables }
}

/**
 * A file of an older version in the form of the present one: events get the columns of their recording, as unknown,
 * pictures the hash of their content, and quantities no source. Rows are checked afterwards.
 */
export function upgradeArchive<Checked extends UncheckedArchive>(archive: Checked): Checked {
  const second = archive.version === 1 ? toVersion2(archive) : archive
  return second.version === 2 ? toVersion3(second) : second
}
