import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { backupName, writeBackup } from '@/records/archive/backup/backup'
import { database } from '@/records/database'

/** Backup of the present records with photos, as one file. */
export function GET(): Response {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'gold-kettle-backup-'))
  try {
    const file = path.join(folder, 'backup.db')
    writeBackup(database(), file)
    return new Response(new Uint8Array(fs.readFileSync(file)), {
      headers: {
        'content-type': 'application/vnd.sqlite3',
        'content-disposition': `attachment; filename="${backupName(new Date().toISOString())}"`,
        'cache-control': 'no-store',
      },
    })
  } finally {
    fs.rmSync(folder, { recursive: true, force: true })
  }
}
