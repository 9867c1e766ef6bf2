import path from 'node:path'
import { backupName, writeBackup } from '@/records/archive/backup/backup'
import { databasePath } from '@/records/database'
import { openDatabase } from '@/records/openDatabase'
import { RecordsError } from '@/records/RecordsError'
import { storageErrorMessage } from '@/records/storageErrorMessage'

// `npm run backup [file]`: writes everything to one file, whether the program runs or not.
try {
  const records = openDatabase(databasePath())
  const name = backupName(new Date().toISOString())
  const file = path.resolve(process.argv[2] ?? path.join(path.dirname(databasePath()), 'backups', name))
  writeBackup(records, file)
  records.$client.close()
  console.log(`Backup written: ${file}`)
} catch (error) {
  const sentence = error instanceof RecordsError ? error.message : storageErrorMessage(error)
  if (sentence === null) throw error
  console.error(sentence)
  process.exitCode = 1
}
