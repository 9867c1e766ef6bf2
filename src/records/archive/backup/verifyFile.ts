import { FileError } from '@/records/archive/import/FileError'
import { validateRecords } from '@/records/archive/import/validateRecords'
import { archiveTables } from '@/records/archive/format/archiveTables'
import type { Database } from '@/records/databaseType'
import { migrateDatabase } from '@/records/migrateDatabase'
import { connect } from '@/records/openDatabase'
import { RecordsError } from '@/records/RecordsError'
import { photoContents, rigs } from '@/records/schema/schema'
import { checkRows } from './checkRows'
import type { BackupSummary } from './restoreBackup'
import { attachOldPhotos, copyUntrusted, DAMAGED } from './copyUntrusted'

function summary(records: Database): Pick<BackupSummary, 'rigs' | 'rows' | 'photos'> {
  return {
    rigs: records
      .select({ name: rigs.name })
      .from(rigs)
      .all()
      .map(({ name }) => name),
    rows: archiveTables.reduce((sum, { table }) => sum + records.select().from(table).all().length, 0),
    photos: records.select({ hash: photoContents.hash }).from(photoContents).all().length,
  }
}

/**
 * Verifies that a file can replace the records: complete, ours, not newer, every row valid, every rig judged. Its
 * values are copied into a new file of this version.
 *
 * The file may have been made to harm; run it in a program of its own (runRecordsProgram).
 *
 * @param file - the untrusted file
 * @param into - path of the new file
 * @throws RecordsError with a sentence
 */
export function verifyFile(file: string, into: string): BackupSummary {
  try {
    const { manifest, oldPhotos } = copyUntrusted(file, into)
    const records = connect(into)
    try {
      migrateDatabase(records, into, false)
      attachOldPhotos(records.$client, oldPhotos)
      checkRows(records)
      validateRecords(records)
      return { ...summary(records), madeAt: manifest?.madeAt ?? null, isVerifiable: manifest !== null }
    } finally {
      records.$client.pragma('journal_mode = DELETE')
      records.$client.close()
    }
  } catch (error) {
    if (error instanceof RecordsError) throw error
    if (error instanceof FileError) {
      const [issue] = error.issues
      const where = issue?.path ? ` (${issue.path})` : ''
      throw new RecordsError(`This backup cannot be used: ${error.message}${where} Nothing was changed.`, {
        cause: error,
      })
    }
    const { code = '' } = error as { code?: string }
    if (
      error instanceof SyntaxError ||
      /^SQLITE_(CORRUPT|NOTADB|CONSTRAINT|NOMEM|ERROR|IOERR|MISMATCH|TOOBIG)/.test(code)
    ) {
      throw new RecordsError(DAMAGED, { cause: error })
    }
    throw error
  }
}
