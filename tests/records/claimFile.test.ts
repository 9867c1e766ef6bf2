import Sqlite from 'better-sqlite3'
import fs from 'node:fs'
import path from 'node:path'
import { claimFile } from '@/records/claimFile'
import { openDatabase } from '@/records/openDatabase'
import { RecordsError } from '@/records/RecordsError'
import { addRig, listRigs } from '@/records/repositories/rigs/rigs'
import { temporaryFile } from './temporary'

function refusal(run: () => unknown): string {
  try {
    run()
  } catch (error) {
    expect(error).toBeInstanceOf(RecordsError)
    return (error as Error).message
  }
  throw new Error('not refused')
}

/** Opens a file as the server does; end stops as the server does, kill leaves everything as it is. */
function start(file: string) {
  const claim = claimFile(file)
  const records = openDatabase(file)
  claim.watch(records.$client)
  return {
    records,
    end: () => {
      records.$client.close()
      claim.release()
    },
  }
}

/** Copies of a running file and its log, as a power cut leaves them. */
function killedCopy(file: string): string {
  const copy = path.join(path.dirname(temporaryFile()), 'records.db')
  for (const ending of ['', '-wal', '.state.json']) fs.copyFileSync(file + ending, copy + ending)
  return copy
}

test('one program at a time has a file; when it ends the next one has it', () => {
  const file = temporaryFile()
  const first = claimFile(file)
  expect(refusal(() => claimFile(file))).toMatch(/already running/)
  first.release()
  claimFile(file).release()
})

test('what a killed program left in the log is there after the next start', () => {
  const file = temporaryFile()
  const { records, end } = start(file)
  addRig(records, 'Marigold')
  const copy = killedCopy(file)
  end()
  expect(fs.statSync(`${copy}-wal`).size).toBeGreaterThan(0)
  const again = start(copy)
  expect(listRigs(again.records).map(({ name }) => name)).toEqual(['Marigold'])
  again.end()
})

test('a log of another file is refused and not applied, whichever file took the place', () => {
  const monday = temporaryFile()
  const { records, end } = start(monday)
  addRig(records, 'Monday')
  end()
  const early = fs.readFileSync(monday)
  const later = start(monday)
  addRig(later.records, 'Tuesday')
  const killed = killedCopy(monday)
  later.end()
  const other = temporaryFile()
  openDatabase(other).$client.close()

  for (const replacement of [early, fs.readFileSync(other)]) {
    fs.writeFileSync(killed, replacement)
    const log = fs.readFileSync(`${killed}-wal`)
    expect(refusal(() => claimFile(killed))).toMatch(/was replaced.*Move .*-wal/)
    expect(fs.readFileSync(killed).equals(replacement)).toBe(true)
    expect(fs.readFileSync(`${killed}-wal`).equals(log)).toBe(true)
  }
  fs.rmSync(killed)
  expect(refusal(() => claimFile(killed))).toMatch(/is gone/)

  // With the log moved away the file opens as it is.
  fs.writeFileSync(killed, early)
  fs.rmSync(`${killed}-wal`)
  const opened = start(killed)
  expect(listRigs(opened.records).map(({ name }) => name)).toEqual(['Monday'])
  opened.end()
})

test.each([
  [
    'another file moved into its place',
    (file: string, other: string) => {
      fs.renameSync(other, file)
    },
  ],
  ['another file copied over it', (file: string, other: string) => fs.copyFileSync(other, file)],
  ['deleted', (file: string) => fs.rmSync(file)],
])('%s while it is open: the next write is refused, and the other file stays as it is', (_, replace) => {
  const file = temporaryFile()
  const other = temporaryFile()
  const foreign = openDatabase(other)
  addRig(foreign, 'Other')
  foreign.$client.pragma('wal_checkpoint(TRUNCATE)')
  foreign.$client.close()
  const { records, end } = start(file)
  addRig(records, 'Mine')
  replace(file, other)
  const there = fs.existsSync(file) ? fs.readFileSync(file) : null
  expect(refusal(() => addRig(records, 'Lost'))).toMatch(/Not saved: .* was replaced/)
  if (there) expect(fs.readFileSync(file).equals(there)).toBe(true)
  end()
})

test('a stopped program leaves one file that has everything', () => {
  const file = temporaryFile()
  const { records, end } = start(file)
  addRig(records, 'Marigold')
  records.$client.pragma('wal_checkpoint(TRUNCATE)')
  end()
  const copy = temporaryFile()
  fs.copyFileSync(file, copy)
  const again = start(copy)
  expect(listRigs(again.records).map(({ name }) => name)).toEqual(['Marigold'])
  again.end()
})

test('a foreign database is refused without being touched', () => {
  const file = temporaryFile()
  const other = new Sqlite(file)
  other.exec('CREATE TABLE recipes (id INTEGER)')
  other.close()
  const before = fs.readFileSync(file)
  expect(refusal(() => openDatabase(file))).toMatch(/another program/)
  expect(fs.readFileSync(file).equals(before)).toBe(true)
  expect(fs.readdirSync(path.dirname(file))).toEqual(['records.db'])
})
