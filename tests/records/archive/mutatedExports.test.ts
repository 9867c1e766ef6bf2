import { createHash } from 'node:crypto'
import { spawnSync } from 'node:child_process'
import { exportArchive } from '@/records/archive/export/exportArchive'
import { serializeArchive } from '@/records/archive/export/serializeArchive'
import { FileError } from '@/records/archive/import/FileError'
import { importArchive } from '@/records/archive/import/importArchive'
import { readArchive } from '@/records/archive/import/readArchive'
import { addPhoto, readPhoto } from '@/records/repositories/photos'
import { writeDemoRecords } from '../../../scripts/demo/writeDemoRecords'
import { bundled } from '@tests/records/crashes/bundled'
import { temporaryDatabase } from '@tests/records/temporary'

/** Set to 1000 by the nightly run; see docs/reliability.md. */
const MUTATIONS = Number(process.env.GOLD_KETTLE_MUTATIONS ?? 300)
const PNG = Buffer.concat([Buffer.from('\x89PNG\r\n\x1a\n', 'latin1'), Buffer.from('collar')])
const records = temporaryDatabase()
writeDemoRecords(records, new Date('2026-11-24T12:00:00Z'))
addPhoto(records, 'left', PNG, '2026-11-20T10:00:00Z', 'collar')
const text = serializeArchive(exportArchive(records))
afterAll(() => records.$client.close())

/** A number that looks random and is the same each time. */
const number = (name: string, below: number): number =>
  createHash('sha256').update(name).digest().readUInt32BE(0) % below

function mutated(i: number): Buffer {
  const bytes = Buffer.from(text)
  const at = number(`at ${i}`, bytes.length)
  switch (i % 4) {
    case 0:
      bytes[at] = (bytes[at] ?? 0) ^ (1 << number(`bit ${i}`, 8))
      return bytes
    case 1: {
      // A digit or a letter for another.
      const digits = [...text.matchAll(/[0-9a-f]/g)]
      const found = digits[number(`digit ${i}`, digits.length)]?.index ?? 0
      return Buffer.from(`${text.slice(0, found)}${number(`new ${i}`, 10)}${text.slice(found + 1)}`)
    }
    case 2: {
      const lines = text.split('\n')
      lines.splice(number(`line ${i}`, lines.length), 1)
      return Buffer.from(lines.join('\n'))
    }
    default:
      return Buffer.concat([bytes.subarray(0, at), bytes.subarray(at + 1 + number(`cut ${i}`, 200))])
  }
}

test('mutated exports: none is accepted with a changed row, each other is refused by its place', () => {
  let accepted = 0
  for (let i = 0; i < MUTATIONS; i += 1) {
    try {
      expect(serializeArchive(readArchive(mutated(i)))).toBe(text)
      accepted += 1
    } catch (error) {
      expect(error).toBeInstanceOf(FileError)
      expect((error as FileError).issues.length).toBeLessThanOrEqual(20)
    }
  }
  // A digit replaced by itself changes nothing.
  expect(accepted).toBeLessThan(MUTATIONS / 10)
}, 600_000)

test('a picture never takes the place of another: same row, same length, other content', () => {
  const other = temporaryDatabase()
  writeDemoRecords(other, new Date('2026-11-24T12:00:00Z'))
  const forged = Buffer.from(PNG)
  forged[forged.length - 1] = 0x21
  addPhoto(other, 'left', forged, '2026-11-20T10:00:00Z', 'collar')
  const archive = readArchive(Buffer.from(serializeArchive(exportArchive(other))))
  other.$client.close()
  expect(() => importArchive(records, archive, 'theirs', false)).toThrow(/never changed/)
  expect(readPhoto(records, 'collar')?.bytes).toEqual(PNG)
  expect(serializeArchive(exportArchive(records))).toBe(text)
})

test.each(['commas', 'objects', 'numbers', 'brackets', 'wrong rows', 'pictures'])(
  '60 MB of %s are refused within 400 MB of memory',
  (what) => {
    const { stdout, status } = spawnSync(
      process.execPath,
      ['--max-old-space-size=400', bundled('records/archive/readHuge'), what],
      { encoding: 'utf8' },
    )
    expect(status).toBe(0)
    const issues = JSON.parse(stdout) as { message: string }[]
    expect(issues.length).toBeGreaterThan(0)
    expect(issues.length).toBeLessThanOrEqual(20)
  },
)
