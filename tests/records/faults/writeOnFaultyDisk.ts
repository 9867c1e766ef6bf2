import fs from 'node:fs'
import path from 'node:path'
import { writeBackup } from '@/records/archive/backup/backup'
import { openDatabase } from '@/records/openDatabase'
import { storageErrorMessage } from '@/records/storageErrorMessage'
import { writeOnce } from '@tests/records/oneWrite'

// Run by faults.test.ts: tries some writes while the disk fails, and prints what was saved and what was refused.
const [file = '', scenario = '', count = '0', orders = ''] = process.argv.slice(2)

const EIO = 5
const kinds: Readonly<Record<string, number>> = { write: 1, sync: 2, truncate: 4, rename: 8 }

/** Lets calls fail from the `skip`-th on, `fails` times; with 0 the disk is sound again. */
function order(skip: number, fails: number): void {
  const kind = kinds[scenario]
  if (kind === undefined) return
  const bytes = Buffer.alloc(16)
  for (const [i, value] of [kind, EIO, skip, fails].entries()) bytes.writeInt32LE(value, 4 * i)
  const opened = fs.openSync(orders, 'r+')
  fs.writeSync(opened, bytes, 0, 16, 0)
  fs.closeSync(opened)
}

/** Takes all room of the file system. */
function fillDisk(ballast: string): void {
  const opened = fs.openSync(ballast, 'w')
  try {
    for (;;) fs.writeSync(opened, Buffer.alloc(4096))
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'ENOSPC') throw error
  }
  fs.closeSync(opened)
}

order(0, 0)
const records = openDatabase(file)
if (scenario === 'full' && orders !== '') fillDisk(orders)
const saved: string[] = []
const refused: { what: string; sentence: string | null }[] = []
for (let i = 0; refused.length < Number(count) && i < 3 * Number(count); i += 1) {
  const isBackup = scenario === 'rename'
  const what = isBackup ? path.join(path.dirname(file), 'backups', `${i}.db`) : `${scenario} ${i}`
  // The first call fails, or a later one of the same write; once, or until the disk is replaced.
  order(isBackup ? 0 : i % 3, i % 2 === 0 ? 1 : 1000)
  try {
    if (isBackup) writeBackup(records, what, '2026-11-24T12:00:00.000Z')
    saved.push(isBackup ? what : writeOnce(records, i, what))
  } catch (error) {
    refused.push({ what, sentence: storageErrorMessage(error) })
  }
  order(0, 0)
}
records.$client.close()
const fired = kinds[scenario] === undefined ? 0 : fs.readFileSync(orders).readInt32LE(16)
process.stdout.write(JSON.stringify({ saved, refused, fired }))
