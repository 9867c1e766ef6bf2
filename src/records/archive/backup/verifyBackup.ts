import Sqlite from 'better-sqlite3'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { PHOTO_TABLE } from './backup'
import { openDatabase } from '@/records/openDatabase'
import { RecordsError } from '@/records/RecordsError'
import { rigs } from '@/records/schema/schema'
import { validateRecords } from '@/records/archive/import/validateRecords'
import { archiveTables } from '@/records/archive/format/archiveTables'

/** What a backup holds. */
export interface BackupSummary {
  rigs: readonly string[]
  /** Rows of all tables. */
  rows: number
  photos: number
}

/** A backup that was proved: a copy of it, brought to the shape this version knows. */
export interface VerifiedBackup extends BackupSummary {
  file: string
  /** Takes the copy away. */
  discard: () => void
}

const DAMAGED = 'This backup is damaged: it cannot be read whole. Nothing was changed.'

function requireWhole(file: string): void {
  const client = new Sqlite(file, { readonly: true, fileMustExist: true })
  try {
    if (client.pragma('integrity_check', { simple: true }) !== 'ok') throw new RecordsError(DAMAGED)
    if ((client.pragma('foreign_key_check') as unknown[]).length > 0) throw new RecordsError(DAMAGED)
  } finally {
    client.close()
  }
}

/**
 * Verifies that a backup can replace the records, without touching them: complete, ours, not newer, and readable
 * by every page.
 *
 * @param bytes - of the file
 * @throws RecordsError with a sentence
 */
export function verifyBackup(bytes: Buffer): VerifiedBackup {
  if (!bytes.toString('latin1', 0, 15).startsWith('SQLite format 3')) {
    throw new RecordsError(
      'This is no backup: a backup of Gold Kettle is a database file. An export is taken in under Import.',
    )
  }
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'gold-kettle-restore-'))
  const discard = (): void => fs.rmSync(folder, { recursive: true, force: true })
  const file = path.join(folder, 'backup.db')
  try {
    fs.writeFileSync(file, bytes)
    requireWhole(file)
    const records = openDatabase(file)
    try {
      validateRecords(records)
      const count = (table: string): number =>
        Number(records.$client.prepare(`SELECT count(*) FROM ${table}`).pluck().get())
      const rows = archiveTables.reduce((sum, { name }) => sum + count(name), 0)
      const hasPhotos = records.$client.prepare('SELECT 1 FROM sqlite_master WHERE name = ?').get(PHOTO_TABLE)
      const photos = hasPhotos ? count(PHOTO_TABLE) : 0
      const names = records.select({ name: rigs.name }).from(rigs).all()
      return { file, discard, rigs: names.map(({ name }) => name), rows, photos }
    } finally {
      records.$client.pragma('wal_checkpoint(TRUNCATE)')
      records.$client.close()
    }
  } catch (error) {
    discard()
    if (error instanceof RecordsError) throw error
    const { code = '' } = error as { code?: string }
    if (code === 'SQLITE_CORRUPT' || code === 'SQLITE_NOTADB') throw new RecordsError(DAMAGED, { cause: error })
    throw error
  }
}
