import Sqlite from 'better-sqlite3'
import { createHash } from 'node:crypto'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { writeBackup } from '@/records/archive/backup/backup'
import { verifyFile } from '@/records/archive/backup/verifyFile'
import { salvageFile } from '@/records/archive/backup/salvageFile'
import { exportArchive } from '@/records/archive/export/exportArchive'
import { serializeArchive } from '@/records/archive/export/serializeArchive'
import type { Database } from '@/records/databaseType'
import { openDatabase } from '@/records/openDatabase'
import { RecordsError } from '@/records/RecordsError'
import { runRecordsProgram } from '@/records/runRecordsProgram'
import { addPhoto } from '@/records/repositories/photos'
import { writeDemoRecords } from '../../../scripts/demo/writeDemoRecords'
import { readPacked } from '@tests/frozen/fixtures'
import { temporaryDatabase, temporaryFile } from '@tests/records/temporary'

/** Set to 1000 by the nightly run; see docs/reliability.md. */
const MUTATIONS = Number(process.env.GOLD_KETTLE_MUTATIONS ?? 60)
const PNG = Buffer.concat([Buffer.from('\x89PNG\r\n\x1a\n', 'latin1'), Buffer.from('collar')])
const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'gold-kettle-untrusted-'))
let records: Database
let backup: Buffer
let text: string

beforeAll(() => {
  records = temporaryDatabase()
  writeDemoRecords(records, new Date('2026-11-24T12:00:00Z'))
  addPhoto(records, 'left', PNG, '2026-11-20T10:00:00Z', 'collar')
  const file = path.join(folder, 'whole.db')
  writeBackup(records, file, '2026-11-24T12:00:00.000Z')
  backup = fs.readFileSync(file)
  text = serializeArchive(exportArchive(records))
})
afterAll(() => {
  records.$client.close()
  fs.rmSync(folder, { recursive: true, force: true })
})

let count = 0

/** What a file would put in place of the records; null when it is refused with a sentence. */
function takenFrom(bytes: Buffer): string | null {
  count += 1
  const file = path.join(folder, `${count}.db`)
  const into = path.join(folder, `${count}.into.db`)
  fs.writeFileSync(file, bytes)
  try {
    verifyFile(file, into)
    const taken = openDatabase(into)
    const result = serializeArchive(exportArchive(taken))
    taken.$client.close()
    return result
  } catch (error) {
    if (!(error instanceof RecordsError)) throw error
    expect(error.message).toMatch(/\.$/)
    return null
  } finally {
    for (const name of fs.readdirSync(folder)) if (name.startsWith(`${count}.`)) fs.rmSync(path.join(folder, name))
  }
}

function changed(sql: string, bytes = backup): Buffer {
  const file = path.join(folder, 'changed.db')
  fs.writeFileSync(file, bytes)
  const client = new Sqlite(file)
  client.pragma('foreign_keys = OFF')
  client.exec(sql)
  client.close()
  const result = fs.readFileSync(file)
  fs.rmSync(file)
  return result
}

/** Numbers that look random and are the same each time. */
function* numbers(seed: number): Generator<(below: number) => number> {
  for (let i = 0; ; i += 1) {
    yield (below) => createHash('sha256').update(`${seed} ${i} ${below}`).digest().readUInt32BE(0) % below
  }
}

test('a backup in the new format gives the same records', () => {
  expect(takenFrom(backup)).toBe(text)
})

/** Place of a byte that is in use: bits in empty room change nothing. */
function usedByte(bytes: Buffer, next: (below: number) => number): number {
  for (let shorter = 0; shorter < 1000; shorter += 1) {
    const at = next(bytes.length - shorter)
    if (bytes[at] !== 0) return at
  }
  return 0
}

test('mutated backups: none is accepted with a changed row', () => {
  const random = numbers(1)
  let accepted = 0
  for (let i = 0; i < MUTATIONS; i += 1) {
    const next = random.next().value as (below: number) => number
    const bytes = Buffer.from(backup)
    const at = usedByte(bytes, next)
    let mutated = bytes
    if (i % 4 < 2) bytes[at] = (bytes[at] ?? 0) ^ (1 << next(8))
    else if (i % 4 === 2) bytes.fill(next(256), at, Math.min(at + 1 + next(4096), bytes.length))
    else mutated = Buffer.concat([bytes.subarray(0, at), bytes.subarray(Math.min(at + next(512), bytes.length))])
    const taken = takenFrom(mutated)
    if (taken === null) continue
    accepted += 1
    expect(taken).toBe(text)
  }
  // Bits in unused room change nothing; if all were refused, or none, this would prove nothing.
  expect(accepted).toBeLessThan(MUTATIONS / 2)
}, 1_200_000)

test.each([
  ['a changed weight', `UPDATE cylinders SET tare_kg = tare_kg + 1 WHERE id = 'left'`],
  ['a row more', `INSERT INTO facts VALUES ('x', 'y')`],
  ['a row less', `DELETE FROM trip_uses`],
  ['a changed photo', `DROP TRIGGER photo_contents_never_changed; UPDATE photo_contents SET bytes = x'00'`],
  ['a changed manifest', `UPDATE backup_manifest SET manifest = replace(manifest, '0.', '9.')`],
])('%s is noticed by the manifest', (_, sql) => {
  expect(takenFrom(changed(sql))).toBeNull()
})

/** The same without a manifest, as an older version or an attacker makes it. */
const withoutManifest = (sql: string): Buffer => changed(`DROP TABLE backup_manifest; ${sql}`)

describe('a file without a manifest', () => {
  test('is read when every row is valid', () => {
    expect(takenFrom(withoutManifest(''))).toBe(text)
    expect(takenFrom(readPacked('backup.db.gz'))).not.toBeNull()
  })

  test.each([
    ['a day that is none', `UPDATE trips SET start_day = 'never'`],
    ['a weight out of bounds', `UPDATE cylinders SET tare_kg = 1e9 WHERE id = 'left'`],
    ['an identifier that is a path', `UPDATE photos SET id = '../../x'`],
    ['a hash that is a path', `UPDATE photos SET content_hash = '../../../../etc/passwd'`],
    [
      'a photo that is no picture',
      `UPDATE photos SET content_hash = lower(hex(zeroblob(32)));
      INSERT INTO photo_contents VALUES (lower(hex(zeroblob(32))), x'00')`,
    ],
    ['JSON that is none', `UPDATE lines SET line = '{'`],
    ['JSON of something else', `UPDATE rooms SET shelter = '[]'`],
    ['a number where a text is', `UPDATE rigs SET name = x'00ff'`],
    ['a view', `CREATE VIEW v AS WITH RECURSIVE r(n) AS (SELECT 1 UNION ALL SELECT n + 1 FROM r) SELECT * FROM r`],
    ['a table of someone else', 'CREATE TABLE extra (id INTEGER)'],
    ['a trigger of someone else', `CREATE TRIGGER t AFTER INSERT ON rigs BEGIN DELETE FROM weighings; END`],
    [
      'a table that is a view',
      `DROP TABLE offers; CREATE VIEW offers AS WITH RECURSIVE r(n) AS (SELECT 1 UNION ALL SELECT n + 1 FROM r) SELECT * FROM r`,
    ],
    ['a column of someone else', 'ALTER TABLE rigs ADD COLUMN extra TEXT DEFAULT 1'],
    ['a missing table', 'DROP TABLE swaps'],
    ['another program’s number', 'PRAGMA application_id = 1'],
  ])('%s is refused', (_, sql) => {
    expect(takenFrom(withoutManifest(`DROP TRIGGER IF EXISTS photo_contents_never_changed; ${sql}`))).toBeNull()
    // Triggers that protect the history are dropped by an attacker; then the structure is not ours.
    expect(takenFrom(withoutManifest(sql))).toBeNull()
  })
})

test('photos of 0.6.0 whose names are paths are refused, and nothing is written outside', () => {
  const old = readPacked('backup.db.gz')
  const outside = path.join(path.dirname(folder), 'x')
  fs.rmSync(outside, { force: true })
  expect(takenFrom(changed(`UPDATE backup_photos SET id = '../../x'`, old))).toBeNull()
  expect(takenFrom(changed(`UPDATE backup_photos SET id = '../x'; UPDATE photos SET id = '../x'`, old))).toBeNull()
  expect(takenFrom(changed(`UPDATE backup_photos SET bytes = 'no picture'`, old))).toBeNull()
  expect(fs.existsSync(outside)).toBe(false)
})

describe('the program that reads untrusted files', () => {
  const before = process.env.GOLD_KETTLE_PROGRAMS
  afterEach(() => {
    process.env.GOLD_KETTLE_PROGRAMS = before
  })

  /** Another program in its place, as a file that takes it over would make it. */
  function programs(source: string): void {
    const place = fs.mkdtempSync(path.join(folder, 'programs-'))
    fs.writeFileSync(path.join(place, 'recordsProgram.mjs'), source)
    process.env.GOLD_KETTLE_PROGRAMS = place
  }

  // Each program meets one limit and is far from the others, however busy the machine is.
  const unlimited = { processorMs: 600_000, ms: 600_000, memoryBytes: 20e9 }

  test.each([
    ['never ends', 'for (;;);', { processorMs: 500 }, /takes too long/],
    [
      'ignores being asked to stop',
      `process.on('SIGTERM', () => {}); setInterval(() => {}, 1000)`,
      { ms: 1000 },
      /takes too long/,
    ],
    [
      'takes all memory',
      'const all = []; setInterval(() => all.push(Buffer.alloc(50e6, 1)), 1)',
      { memoryBytes: 5e8 },
      /takes too much memory/,
    ],
    ['dies', 'process.exit(139)', {}, /could not be read/],
    ['answers nonsense', 'console.log("{}")', {}, /could not be read/],
  ])('is given up when it %s', async (_, source, limit, sentence) => {
    programs(source)
    await expect(runRecordsProgram('verify', ['a', 'b'], 0, { ...unlimited, ...limit })).rejects.toThrow(sentence)
  })

  test('tells what it was told', async () => {
    await expect(runRecordsProgram('verify', [path.join(folder, 'none'), 'b'], 0)).rejects.toBeInstanceOf(RecordsError)
  })
})

test('of a damaged file the readable rows are saved, and only whole ones', () => {
  const file = temporaryFile()
  const damaged = Buffer.from(backup)
  // A page in the middle of the weighings.
  const client = new Sqlite(path.join(folder, 'whole.db'), { readonly: true })
  const page = Number(client.prepare(`SELECT rootpage FROM sqlite_master WHERE name = 'equipment'`).pluck().get())
  client.close()
  damaged.fill(0xab, (page - 1) * 4096, page * 4096)
  fs.writeFileSync(file, damaged)
  expect(takenFrom(damaged)).toBeNull()
  const into = path.join(path.dirname(file), 'saved.db')
  const { tables } = salvageFile(file, into)
  expect(tables.find(({ name }) => name === 'cylinders')?.saved).toBe(7)
  expect(tables.find(({ name }) => name === 'equipment')?.saved).toBe(0)
  expect(tables.find(({ name }) => name === 'equipment_looks')).toMatchObject({ saved: 0 })
  const saved = openDatabase(into)
  expect(saved.$client.pragma('integrity_check', { simple: true })).toBe('ok')
  expect(saved.$client.pragma('foreign_key_check')).toEqual([])
  expect(() => saved.$client.exec('DELETE FROM weighings')).toThrow(/never erased/)
  saved.$client.close()
})
