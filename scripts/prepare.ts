import fs from 'node:fs'
import { databasePath } from '@/records/runningRecords'
import { claimFile } from '@/records/claimFile'
import { openDatabase, SIDE_ENDINGS } from '@/records/openDatabase'
import { RecordsError } from '@/records/RecordsError'
import { readFact } from '@/records/repositories/rigs/rigs'
import { writeDemoRecords } from './demo/writeDemoRecords'

// Opens and migrates the records before the server starts, so that a problem is reported in one sentence.

function refuseOwnersFile(file: string): never {
  throw new RecordsError(
    `The file ${file} holds an owner's records; the demo does not touch it. Unset GOLD_KETTLE_DB or name another file.`,
  )
}

function prepareDemo(file: string, fresh: boolean): void {
  if (fs.existsSync(file)) {
    const records = openDatabase(file)
    const isDemo = readFact(records, 'demo') === 'yes'
    records.$client.close()
    if (!isDemo) refuseOwnersFile(file)
    if (!fresh) return
    for (const ending of ['', ...SIDE_ENDINGS]) fs.rmSync(file + ending, { force: true })
  }
  const records = openDatabase(file)
  writeDemoRecords(records, new Date())
  records.$client.close()
}

try {
  const file = databasePath()
  const claim = claimFile(file)
  if (process.argv.includes('--demo')) prepareDemo(file, process.argv.includes('--fresh'))
  else openDatabase(file).$client.close()
  claim.release()
} catch (error) {
  if (!(error instanceof RecordsError)) throw error
  console.error(error.message)
  process.exitCode = 1
}
