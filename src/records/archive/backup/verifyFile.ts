import { getTableName } from 'drizzle-orm'
import { checkTables } from '@/records/archive/format/checkTables'
import { FileError } from '@/records/archive/import/FileError'
import { validateRecords } from '@/records/archive/import/validateRecords'
import { archiveTables } from '@/records/archive/format/archiveTables'
import type { Database } from '@/records/databaseType'
import { migrateDatabase } from '@/records/migrateDatabase'
import { connect } from '@/records/openDatabase'
import { RecordsError } from '@/records/RecordsError'
import { contentHash, photoTypeOf } from '@/records/repositories/photos'
import { photoContents, rigs } from '@/records/schema/schema'
import { countRows } from './rawTables'
import type { BackupSummary } from './restoreBackup'
import { attachOldPhotos, copyUntrusted, DAMAGED } from './copyUntrusted'

function summary(records: Database): Pick<BackupSummary, 'rigs' | 'rows' | 'photos'> {
  return {
    rigs: records
      .select({ name: rigs.name })
      .from(rigs)
      .all()
      .map(({ name }) => name),
    rows: archiveTables.reduce((sum, { name }) => sum + countRows(records.$client, name), 0),
    photos: countRows(records.$client, getTableName(photoContents)),
  }
}

/**
 * Checks every row by the schemas of the open format, and every photo by its hash and content.
 *
 * @throws FileError for the first twenty issues
 */
function checkRows(database: Database): void {
  const { issues } = checkTables(({ table }) => database.select().from(table).all())
  for (const { hash, bytes } of database.select().from(photoContents).all()) {
    if (contentHash(bytes) !== hash) issues.push({ path: 'photo_contents', message: 'A picture is damaged.' })
    else if (!photoTypeOf(bytes)) issues.push({ path: 'photo_contents', message: 'A picture is no picture.' })
  }
  if (issues.length > 0) throw new FileError(issues.map((issue) => ({ ...issue, line: null })))
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
