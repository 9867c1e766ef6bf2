import fs from 'node:fs'
import { databasePath } from '@/records/database'
import { openDatabase } from '@/records/openDatabase'
import { verifyBackup } from '@/records/archive/backup/verifyBackup'
import { RecordsError } from '@/records/RecordsError'
import { restoreBackup } from '@/records/archive/backup/restoreBackup'
import { storageErrorMessage } from '@/records/storageErrorMessage'
import { InputError } from '@/core/base/InputError'

// `npm run restore -- file`: reports what a backup holds; with `--yes` replaces the records with it.

function sentenceOf(error: unknown): string | null {
  if (error instanceof RecordsError || error instanceof InputError) return error.message
  const { code } = error as NodeJS.ErrnoException
  return code === 'ENOENT' ? 'There is no such file.' : storageErrorMessage(error)
}

try {
  const [file, yes] = process.argv.slice(2)
  if (!file) throw new RecordsError('Name the backup: npm run restore -- file --yes')
  const bytes = fs.readFileSync(file)
  if (yes === '--yes') {
    const records = openDatabase(databasePath())
    const { rigs, rows, before } = restoreBackup(records, bytes, new Date().toISOString())
    records.$client.close()
    console.log(`Restored ${databasePath()}: ${rigs.join(', ')}, ${rows} rows. What was there before: ${before}`)
  } else {
    const { rigs, rows, photos, discard } = verifyBackup(bytes)
    discard()
    console.log(`Whole and ours: ${rigs.join(', ')}, ${rows} rows, ${photos} pictures. Nothing was changed; add --yes.`)
  }
} catch (error) {
  const sentence = sentenceOf(error)
  if (sentence === null) throw error
  console.error(sentence)
  process.exitCode = 1
}
