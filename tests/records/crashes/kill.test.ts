import { spawn } from 'node:child_process'
import fs from 'node:fs'
import path from 'node:path'
import { writeBackup } from '@/records/archive/backup/backup'
import { verifyFile } from '@/records/archive/backup/verifyFile'
import type { Database } from '@/records/databaseType'
import { openDatabase } from '@/records/openDatabase'
import { saveCylinder } from '@/records/repositories/cylinders/cylinders'
import { addWeighing } from '@/records/repositories/cylinders/weighings'
import { exportArchive } from '@/records/archive/export/exportArchive'
import { serializeArchive } from '@/records/archive/export/serializeArchive'
import { writeDemoRecords } from '../../../scripts/demo/writeDemoRecords'
import { readPacked } from '@tests/frozen/fixtures'
import { bundled } from './bundled'
import { isSaved, torn } from '@tests/records/oneWrite'
import { temporaryFile } from '@tests/records/temporary'

const script = bundled('records/crashes/liveUntilKilled')

/** Delays after the first acknowledged change; the same each time, so that a failure can be reproduced. */
function moments(count: number, seed: number): number[] {
  let state = seed
  return Array.from({ length: count }, () => {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648
    return state % 120
  })
}

/** Starts a writer and kills it as a power cut would, some time after its first acknowledged change. */
function killed(file: string, way: string, files: readonly string[], afterMs: number): Promise<string[]> {
  const writer = spawn(process.execPath, [script, file, way, ...files])
  let said = ''
  let complaint = ''
  let timer: NodeJS.Timeout | null = null
  return new Promise((resolve, reject) => {
    writer.stderr.on('data', (chunk: Buffer) => (complaint += chunk.toString()))
    writer.stdout.on('data', (chunk: Buffer) => {
      said += chunk.toString()
      timer ??= setTimeout(() => writer.kill('SIGKILL'), afterMs)
    })
    writer.on('close', (_, signal) => {
      const whole = said.slice(0, said.lastIndexOf('\n')).split('\n')
      if (signal === 'SIGKILL') resolve(whole)
      else reject(new Error(`Ended by itself: ${complaint}`))
    })
  })
}

function sound(file: string): Database {
  const records = openDatabase(file)
  expect(records.$client.pragma('integrity_check', { simple: true })).toBe('ok')
  expect(records.$client.pragma('foreign_key_check')).toEqual([])
  return records
}

function demoFile(): string {
  const file = temporaryFile()
  const records = openDatabase(file)
  writeDemoRecords(records, new Date('2026-11-24T12:00:00Z'))
  records.$client.close()
  return file
}

/** Two different archives, as exported. */
function twoWorlds(): { texts: string[]; exports: string[]; backups: string[] } {
  const file = demoFile()
  const folder = path.dirname(file)
  const records = openDatabase(file)
  const texts: string[] = []
  const exports: string[] = []
  const backups: string[] = []
  for (const name of ['one', 'two']) {
    saveCylinder(records, 'left', name === 'one' ? 1 : 2, { name })
    for (let i = 0; i < 40; i += 1) {
      const weighedAt = new Date(Date.UTC(2026, 0, 1, 0, i)).toISOString()
      addWeighing(
        records,
        { cylinderId: 'left', grossKg: 12, hangingKg: 0, source: 'typed', weighedAt },
        `${name} ${i}`,
      )
    }
    const text = serializeArchive(exportArchive(records))
    texts.push(text)
    exports.push(path.join(folder, `${name}.json`))
    backups.push(path.join(folder, `${name}.db`))
    fs.writeFileSync(exports.at(-1) ?? '', text)
    writeBackup(records, backups.at(-1) ?? '', '2026-11-24T12:00:00.000Z')
  }
  records.$client.close()
  return { texts, exports, backups }
}

test('killed at 30 moments while writing: every acknowledged write is there, and the file is sound', async () => {
  const file = demoFile()
  for (const afterMs of moments(30, 1)) {
    const acknowledged = await killed(file, 'write', [], afterMs)
    const records = sound(file)
    expect(acknowledged.filter((line) => !isSaved(records, line))).toEqual([])
    expect(torn(records)).toBe(0)
    records.$client.close()
  }
}, 300_000)

test('killed at 10 moments of an import, and at 10 of a restore: either the old or the new records, whole', async () => {
  const { texts, exports, backups } = twoWorlds()
  for (const [way, files, seed] of [
    ['import', exports, 2],
    ['restore', backups, 3],
  ] as const) {
    const file = demoFile()
    for (const afterMs of moments(10, seed)) {
      // A restore takes longer, most of it in verifying.
      await killed(file, way, files, way === 'restore' ? 5 * afterMs : afterMs)
      const records = sound(file)
      if (way === 'restore') {
        expect(texts).toContain(serializeArchive(exportArchive(records)))
      } else {
        const client = records.$client
        const count = (name: string) =>
          client.prepare(`SELECT count(*) FROM weighings WHERE id LIKE ?`).pluck().get(`${name} %`)
        expect([0, 40]).toContain(count('one'))
        expect([0, 40]).toContain(count('two'))
        const name = client.prepare(`SELECT name FROM cylinders WHERE id = 'left'`).pluck().get()
        expect(['one', 'two']).toContain(name)
      }
      records.$client.close()
    }
  }
}, 300_000)

test('killed at 10 moments of a backup: each named file is whole', async () => {
  const file = demoFile()
  for (const afterMs of moments(10, 4)) {
    const acknowledged = await killed(file, 'backup', [], afterMs)
    expect(acknowledged.filter((name) => !fs.existsSync(name))).toEqual([])
    sound(file).$client.close()
  }
  const folder = path.join(path.dirname(file), 'backups')
  const named = fs.readdirSync(folder).filter((name) => name.endsWith('.db'))
  expect(named.length).toBeGreaterThanOrEqual(10)
  for (const name of named) {
    expect(() => verifyFile(path.join(folder, name), path.join(folder, `${name}.into`))).not.toThrow()
  }
}, 300_000)

test('killed at 10 moments of a migration: the old records or the new ones, and no copy is cut off', async () => {
  const older = path.join(path.dirname(temporaryFile()), 'older.db')
  fs.writeFileSync(older, readPacked('five-years.db.gz'))
  const whole = openDatabase(older)
  const text = serializeArchive(exportArchive(whole))
  whole.$client.close()
  fs.writeFileSync(older, readPacked('five-years.db.gz'))
  for (const afterMs of moments(10, 5)) {
    const file = temporaryFile()
    openDatabase(file).$client.close()
    const begun = await killed(file, 'migrate', [older], 5 * afterMs)
    const records = sound(begun.at(-1) ?? '')
    expect(serializeArchive(exportArchive(records))).toBe(text)
    records.$client.close()
    const folder = path.join(path.dirname(file), 'backups')
    const copies = fs.existsSync(folder) ? fs.readdirSync(folder).filter((name) => name.endsWith('.db')) : []
    for (const name of copies) {
      expect(() => verifyFile(path.join(folder, name), path.join(folder, `${name}.into`))).not.toThrow()
    }
  }
}, 300_000)
