import fs from 'node:fs'
import path from 'node:path'
import { backupName } from '@/records/archive/backup/backup'
import { database } from '@/records/database'
import { inTemporaryFolder } from '@/records/durableFile'
import { runRecordsProgram } from '@/records/runRecordsProgram'

/** A verified backup of the present records with photos, as one file. */
export function makeBackup(now: Date): Promise<{ name: string; bytes: Buffer }> {
  const { name: records } = database().$client
  return inTemporaryFolder(async (folder) => {
    const file = path.join(folder, 'backup.db')
    await runRecordsProgram('backup', [records, file], fs.statSync(records).size)
    return { name: backupName(now.toISOString()), bytes: fs.readFileSync(file) }
  })
}
