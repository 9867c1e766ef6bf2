import Sqlite from 'better-sqlite3'
import fs from 'node:fs'
import path from 'node:path'
import { databasePath } from '@/records/runningRecords'
import { openDatabase } from '@/records/openDatabase'
import { RecordsError } from '@/records/RecordsError'
import { addRig, listRigs, readFact, writeFact } from '@/records/repositories/rigs/rigs'
import { readPhoto } from '@/records/repositories/photos'
import { readFixture, readPacked } from '@tests/frozen/fixtures'
import { olderFile } from './olderFile'
import { temporaryFile } from './temporary'

function refusal(file: string): string {
  try {
    openDatabase(file).$client.close()
  } catch (error) {
    expect(error).toBeInstanceOf(RecordsError)
    return (error as Error).message
  }
  throw new Error('opened')
}

describe('a new database', () => {
  test('is created with its folder, durable, and reopens with what was written', () => {
    const file = path.join(path.dirname(temporaryFile()), 'deeper', 'still', 'records.db')
    const first = openDatabase(file)
    expect(first.$client.pragma('journal_mode', { simple: true })).toBe('wal')
    expect(first.$client.pragma('synchronous', { simple: true })).toBe(2)
    expect(first.$client.pragma('foreign_keys', { simple: true })).toBe(1)
    addRig(first, 'Marigold')
    first.$client.close()
    const second = openDatabase(file)
    expect(listRigs(second).map(({ name }) => name)).toEqual(['Marigold'])
    second.$client.close()
  })

  test('an interrupted creation leaves nothing in the way', () => {
    const file = temporaryFile()
    fs.writeFileSync(`${file}.new`, 'half a file')
    openDatabase(file).$client.close()
    expect(fs.existsSync(`${file}.new`)).toBe(false)
  })

  test('facts of the file can be written twice', () => {
    const records = openDatabase(temporaryFile())
    writeFact(records, 'demo', 'no')
    writeFact(records, 'demo', 'yes')
    expect(readFact(records, 'demo')).toBe('yes')
    expect(readFact(records, 'other')).toBeUndefined()
    records.$client.close()
  })
})

describe('an unusable file is named in a sentence and not touched', () => {
  test('empty', () => {
    const file = temporaryFile()
    fs.writeFileSync(file, '')
    expect(refusal(file)).toMatch(/is empty/)
    expect(fs.statSync(file).size).toBe(0)
  })

  test('not a database', () => {
    const file = temporaryFile()
    const text = 'weights: 31.4 lb\n'.repeat(500)
    fs.writeFileSync(file, text)
    expect(refusal(file)).toMatch(/cannot be read as a database/)
    expect(fs.readFileSync(file, 'utf8')).toBe(text)
  })

  test('damaged in the middle', () => {
    const file = temporaryFile()
    openDatabase(file).$client.close()
    const bytes = fs.readFileSync(file)
    bytes.fill(0x5a, 0, 200)
    fs.writeFileSync(file, bytes)
    expect(refusal(file)).toMatch(/cannot be read as a database/)
  })

  test('a folder', () => {
    const folder = path.dirname(temporaryFile())
    expect(refusal(folder)).toMatch(/is a folder/)
  })

  test('an impossible path', () => {
    const file = temporaryFile()
    fs.writeFileSync(file, 'a file, not a folder')
    expect(refusal(path.join(file, 'records.db'))).toMatch(/cannot be opened/)
  })

  test('of another program', () => {
    const file = temporaryFile()
    const other = new Sqlite(file)
    other.exec('CREATE TABLE recipes (id INTEGER)')
    other.close()
    expect(refusal(file)).toMatch(/another program/)
  })

  test('of a newer version', () => {
    const file = temporaryFile()
    const records = openDatabase(file)
    records.$client.exec(`INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('later', ${Date.now() + 1e12})`)
    records.$client.close()
    expect(refusal(file)).toMatch(/newer version/)
  })
})

const triggersOf = (client: Sqlite.Database): unknown[] =>
  client.prepare(`SELECT name FROM sqlite_master WHERE type = 'trigger'`).pluck().all()

test('an older file is copied before it is migrated', () => {
  const file = temporaryFile()
  const { name, triggers } = olderFile(file, '0008_trips_append_only')
  const migrated = openDatabase(file)
  expect(triggersOf(migrated.$client).length).toBeGreaterThan(triggers)
  expect(listRigs(migrated)).toHaveLength(1)
  migrated.$client.close()

  const folder = path.join(path.dirname(file), 'backups')
  const [copy, ...more] = fs.readdirSync(folder)
  expect(more).toEqual([])
  const kept = new Sqlite(path.join(folder, copy ?? ''), { readonly: true })
  expect(kept.prepare('SELECT name FROM rigs').pluck().all()).toEqual([name])
  expect(triggersOf(kept)).toHaveLength(triggers)
  kept.close()
})

test('times that an import brought with an offset become UTC, and stay protected', () => {
  const file = temporaryFile()
  olderFile(file, '0015_instants_in_utc')
  const older = new Sqlite(file)
  older.exec(`
    INSERT INTO cylinders (id, rig_id, position, name, kind, water_capacity_kg, tare_kg)
    VALUES ('left', 'marigold', 0, 'Left', 'removable', 21.6, 7.9);
    INSERT INTO weighings (id, cylinder_id, weighed_at, gross_kg, hanging_kg, source) VALUES
      ('noon', 'left', '2026-12-05T19:00:00.000Z', 14, 0, 'typed'),
      ('evening', 'left', '2026-12-05T18:00:00-07:00', 13, 0, 'typed');
  `)
  const triggers = triggersOf(older)
  older.close()
  const records = openDatabase(file)
  const rows = records.$client.prepare('SELECT id, weighed_at AS at FROM weighings ORDER BY weighed_at').all()
  expect(rows).toEqual([
    { id: 'noon', at: '2026-12-05T19:00:00.000Z' },
    { id: 'evening', at: '2026-12-06T01:00:00.000Z' },
  ])
  expect(triggersOf(records.$client)).toEqual(expect.arrayContaining(triggers))
  expect(() => records.$client.exec(`UPDATE weighings SET gross_kg = 1`)).toThrow()
  records.$client.close()
})

test('a migration that fails gives a sentence and one copy, however often the program starts', () => {
  const file = temporaryFile()
  olderFile(file, '0008_trips_append_only')
  const client = new Sqlite(file)
  // As a version that was never released might have left it.
  client.exec('CREATE TABLE swaps (id TEXT)')
  client.close()
  for (let i = 0; i < 3; i += 1) expect(refusal(file)).toMatch(/cannot be opened: .*swaps/)
  expect(fs.readdirSync(path.join(path.dirname(file), 'backups'))).toHaveLength(1)
})

test('photos that 0.6.0 kept as files are taken into the records, and no other file is', () => {
  const file = temporaryFile()
  fs.writeFileSync(file, readPacked('demo.db.gz'))
  const { files } = JSON.parse(readFixture('export-version-1.json')) as { files: Record<string, string> }
  const [[id, base64] = ['', '']] = Object.entries(files)
  const older = new Sqlite(file)
  older.exec(`INSERT INTO photos SELECT '../secret', cylinder_id, taken_at, type, bytes FROM photos LIMIT 1`)
  older.close()
  const png = Buffer.from(base64, 'base64')
  fs.mkdirSync(path.join(path.dirname(file), 'photos'))
  fs.writeFileSync(path.join(path.dirname(file), 'photos', id), png)
  fs.writeFileSync(path.join(path.dirname(file), 'secret'), png)
  const records = openDatabase(file)
  expect(readPhoto(records, id)?.bytes).toEqual(png)
  expect(readPhoto(records, '../secret')).toBeUndefined()
  records.$client.close()
})

test('the path of the records can be set', () => {
  const before = process.env.GOLD_KETTLE_DB
  process.env.GOLD_KETTLE_DB = 'elsewhere/mine.db'
  expect(databasePath()).toBe(path.resolve('elsewhere/mine.db'))
  process.env.GOLD_KETTLE_DB = ' '
  expect(databasePath()).toBe(path.resolve('data/gold-kettle.db'))
  if (before === undefined) delete process.env.GOLD_KETTLE_DB
  else process.env.GOLD_KETTLE_DB = before
})
