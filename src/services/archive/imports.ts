import { restoreBackup, verifyBackup } from '@/records/archive/backup/restoreBackup'
import {
  type ConflictChoice,
  differing,
  importArchive,
  type ImportReport,
} from '@/records/archive/import/importArchive'
import { readArchive } from '@/records/archive/import/readArchive'
import { MAX_BYTES } from '@/records/archive/import/unpack'
import { database } from '@/records/database'

export type { ConflictChoice, ImportReport }

/** Largest file that is read, bytes. */
export const LARGEST_FILE = MAX_BYTES

/**
 * Imports a file of the open format, all or nothing.
 *
 * @param choice - between rows that differ; the owner's own when it is no choice
 * @param isTrial - nothing is changed
 * @throws RecordsError or InputError for a file that cannot be imported
 */
export function importFile(bytes: Buffer, choice: string | null, isTrial: boolean): ImportReport {
  const standing = differing.find((one) => one === choice) ?? 'mine'
  return importArchive(database(), readArchive(bytes), standing, isTrial)
}

/** Restores a backup, or in a trial verifies it and tells its contents. */
export async function restoreFile(bytes: Buffer, isTrial: boolean, now: Date): Promise<object> {
  if (isTrial) return verifyBackup(bytes)
  const { before: _, ...summary } = await restoreBackup(database(), bytes, now.toISOString())
  return summary
}
