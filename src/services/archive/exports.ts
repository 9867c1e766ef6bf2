import fs from 'node:fs'
import path from 'node:path'
import { backupName } from '@/records/archive/backup/backup'
import { exportArchive } from '@/records/archive/export/exportArchive'
import { serializeArchive } from '@/records/archive/export/serializeArchive'
import { tableCsv } from '@/records/archive/export/tableCsv'
import { archiveJsonSchema } from '@/records/archive/format/archiveSchema'
import { archiveTables } from '@/records/archive/format/archiveTables'
import { database } from '@/records/database'
import { inTemporaryFolder } from '@/records/durableFile'
import { programVersion } from '@/records/programVersion'
import { readPhoto } from '@/records/repositories/photos'
import { findRig } from '@/records/repositories/rigs/rigs'
import { runRecordsProgram } from '@/records/runRecordsProgram'

export { archiveJsonSchema, programVersion }

/** Names of the tables of an export. */
export const exportedTables: readonly string[] = archiveTables.map(({ name }) => name)

/** All records in the open format. */
export function exportAll(): string {
  return serializeArchive(exportArchive(database()))
}

/** One rig, its gear without history, trips, prices and photos; null when there is no such rig. */
export function exportRig(id: string): string | null {
  return findRig(database(), id) ? serializeArchive(exportArchive(database(), id)) : null
}

/** One table as CSV; null when there is no such table. */
export function exportTable(name: string): string | null {
  const table = archiveTables.find((one) => one.name === name)
  return table ? tableCsv(database(), table) : null
}

/** A stored photo with its type; undefined when there is none. */
export function storedPhoto(id: string): ReturnType<typeof readPhoto> {
  return readPhoto(database(), id)
}

/** A verified backup of the present records with photos, as one file. */
export function makeBackup(now: Date): Promise<{ name: string; bytes: Buffer }> {
  const { name: records } = database().$client
  return inTemporaryFolder(async (folder) => {
    const file = path.join(folder, 'backup.db')
    await runRecordsProgram('backup', [records, file], fs.statSync(records).size)
    return { name: backupName(now.toISOString()), bytes: fs.readFileSync(file) }
  })
}
