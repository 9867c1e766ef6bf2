import Sqlite from 'better-sqlite3'
import type { Database } from '@/records/databaseType'
import { fileTimestamp, makeFile } from '@/records/durableFile'
import { newIdentity } from '@/records/fileHeader'
import { programVersion } from '@/records/programVersion'
import { RecordsError } from '@/records/RecordsError'
import { canonicalJson } from '@/records/archive/format/canonicalJson'
import { type Manifest, putManifest, requireManifest } from './manifest'

/**
 * Writes the records with their photos into one file, reads it again and compares it with its manifest.
 *
 * @param file - it appears whole and verified, or not at all
 * @param nowIso - the moment
 * @throws RecordsError when what was written cannot be read again as it was
 */
export function writeBackup(database: Database, file: string, nowIso: string): Manifest {
  let manifest: Manifest | null = null
  makeFile(file, (draft) => {
    database.$client.prepare('VACUUM INTO ?').run(draft)
    const copy = new Sqlite(draft)
    try {
      copy.pragma('journal_mode = DELETE')
      // Another file than the one it was made from: see claimFile.
      copy.pragma(`user_version = ${newIdentity()}`)
      copy.transaction(() => {
        manifest = putManifest(copy, { program: programVersion(), madeAt: new Date(nowIso).toISOString() })
      })()
    } finally {
      copy.close()
    }
    const again = new Sqlite(draft, { readonly: true })
    try {
      const isWhole = again.pragma('integrity_check(1)', { simple: true }) === 'ok'
      if (!isWhole || canonicalJson(requireManifest(again)) !== canonicalJson(manifest)) {
        throw new RecordsError(
          'The backup could not be verified after it was written, and was deleted. Check the disk.',
        )
      }
    } finally {
      again.close()
    }
  })
  if (manifest === null) throw new RangeError('The backup has no manifest')
  return manifest
}

/** Name of a backup made at a moment. */
export function backupName(nowIso: string): string {
  return `gold-kettle-${fileTimestamp(nowIso)}.db`
}
