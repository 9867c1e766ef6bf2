import path from 'node:path'
import { backupName, writeBackup } from '@/records/archive/backup/backup'
import { backupsFolder } from '@/records/durableFile'
import { databasePath } from '@/records/runningRecords'
import { openBeside } from '@/records/openDatabase'
import { sayOrThrow } from './sayOrThrow'

// `npm run backup [file]`: writes everything to one verified file, whether the program runs or not.
try {
  const records = openBeside(databasePath())
  const now = new Date().toISOString()
  const file = path.resolve(process.argv[2] ?? path.join(backupsFolder(databasePath()), backupName(now)))
  const { tables } = writeBackup(records, file, now)
  records.$client.close()
  const rows = Object.values(tables).reduce((sum, table) => sum + table.rows, 0)
  console.log(`Backup written and verified, ${rows} rows: ${file}`)
} catch (error) {
  sayOrThrow(error)
}
