import fs from 'node:fs'
import path from 'node:path'
import { download } from '@/app/api/v1/download'
import { problem } from '@/app/api/v1/problem'
import { backupName } from '@/records/archive/backup/backup'
import { database } from '@/records/database'
import { inTemporaryFolder } from '@/records/durableFile'
import { runRecordsProgram } from '@/records/runRecordsProgram'
import { expectedMessage } from '@/records/storageErrorMessage'

/** A verified backup of the present records with photos, as one file. */
export async function GET(): Promise<Response> {
  try {
    const { name: records } = database().$client
    return await inTemporaryFolder(async (folder) => {
      const file = path.join(folder, 'backup.db')
      await runRecordsProgram('backup', [records, file], fs.statSync(records).size)
      return download(fs.readFileSync(file), backupName(new Date().toISOString()), 'application/vnd.sqlite3')
    })
  } catch (error) {
    const sentence = expectedMessage(error)
    if (sentence === null) throw error
    return problem(503, sentence)
  }
}
