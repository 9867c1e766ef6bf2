import fs from 'node:fs'
import { type BackupSummary, restoreBackup, verifyBackup } from '@/records/archive/backup/restoreBackup'
import { database, startRecords, stopRecords } from '@/records/database'
import { databasePath, recordsProblem } from '@/records/runningRecords'
import { RecordsError } from '@/records/RecordsError'
import { recover, salvageable } from '@/services/backups/recovery'
import { sayOrThrow } from './sayOrThrow'

// `npm run restore -- file`: reports what a backup holds; with `--yes` replaces the records with it, also when they
// are damaged. `npm run restore -- --salvage`: reports what can be read of damaged records; with `--yes` goes on with it.

const words = process.argv.slice(2).filter((word) => !word.startsWith('--'))
const isMeant = process.argv.includes('--yes')

function describe({ rigs, rows, photos, madeAt, isVerifiable }: BackupSummary): string {
  const proof = isVerifiable ? `made ${madeAt}, as it was written` : 'of an older version, which cannot prove itself'
  return `${rigs.join(', ')}, ${rows} rows, ${photos} photos; ${proof}.`
}

async function restore(file: string): Promise<void> {
  const bytes = fs.readFileSync(file)
  const summary = await verifyBackup(bytes)
  console.log(`The backup is whole: ${describe(summary)}`)
  if (!isMeant) return console.log('Nothing was changed; add --yes to restore it.')
  startRecords()
  const now = new Date()
  const before = recordsProblem()
    ? await recover({ way: 'file', bytes }, now)
    : (await restoreBackup(database(), bytes, now.toISOString())).before
  console.log(`Restored ${databasePath()}. What was there before: ${before}`)
}

async function salvage(): Promise<void> {
  startRecords()
  if (!recordsProblem()) throw new RecordsError('The records can be read; there is nothing to salvage.')
  const tables = await salvageable()
  if (!tables) throw new RecordsError('No rows can be read from the damaged file.')
  for (const { name, saved, lost } of tables) console.log(`${name}: ${saved} rows can be read, ${lost} are lost`)
  if (!isMeant) return console.log('Nothing was changed; add --yes to go on with these rows.')
  console.log(`Done. The damaged file: ${await recover({ way: 'salvage' }, new Date())}`)
}

try {
  const [file] = words
  if (process.argv.includes('--salvage')) await salvage()
  else if (file) await restore(file)
  else throw new RecordsError('Name the backup: npm run restore -- file --yes')
} catch (error) {
  sayOrThrow(error)
} finally {
  stopRecords()
}
