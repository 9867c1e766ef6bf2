import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { problem } from '@/app/api/v1/problem'
import { backupName } from '@/records/archive/backup/backup'
import { database } from '@/records/database'
import { RecordsError } from '@/records/RecordsError'
import { runRecordsProgram } from '@/records/runRecordsProgram'
import { storageErrorMessage } from '@/records/storageErrorMessage'

/** A verified backup of the present records with photos, as one file. */
export async function GET(): Promise<Response> {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'gold-kettle-backup-'))
  try {
    const { name: records } = database().$client
    const file = path.join(folder, 'backup.db')
    await runRecordsProgram('backup', [records, file], fs.statSync(records).size)
    return new Response(new Uint8Array(fs.readFileSync(file)), {
      headers: {
        'content-type': 'application/vnd.sqlite3',
        'content-disposition': `attachment; filename="${backupName(new Date().toISOString())}"`,
        'cache-control': 'no-store',
      },
    })
  } catch (error) {
    const sentence = error instanceof RecordsError ? error.message : storageErrorMessage(error)
    if (sentence === null) throw error
    return problem(503, sentence)
  } finally {
    fs.rmSync(folder, { recursive: true, force: true })
  }
}
