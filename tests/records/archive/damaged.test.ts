import { gzipSync } from 'node:zlib'
import type { Database } from '@/records/databaseType'
import { exportArchive } from '@/records/archive/export/exportArchive'
import { readArchive } from '@/records/archive/import/readArchive'
import { contentHash } from '@/records/repositories/photos'
import { FileError } from '@/records/archive/import/FileError'
import { importArchive } from '@/records/archive/import/importArchive'
import { MAX_BYTES } from '@/records/archive/import/unpack'
import { serializeArchive } from '@/records/archive/export/serializeArchive'
import { writeDemoRecords } from '../../../scripts/demo/writeDemoRecords'
import { temporaryDatabase } from '@tests/records/temporary'

let records: Database
let whole: string

beforeAll(() => {
  records = temporaryDatabase()
  writeDemoRecords(records, new Date('2026-11-24T12:00:00Z'))
  whole = serializeArchive(exportArchive(records))
})
afterAll(() => records.$client.close())

function refused(bytes: Buffer): FileError {
  try {
    importArchive(records, readArchive(bytes), 'theirs', false)
  } catch (error) {
    expect(error).toBeInstanceOf(FileError)
    return error as FileError
  }
  throw new Error('taken in')
}

/** A row of the file, chosen by number, spoiled; undefined where this spoil does not apply. */
type Spoil = (row: Record<string, unknown>, keys: readonly string[], i: number) => boolean

const spoils: readonly Spoil[] = [
  // A field left out.
  (row, keys, i) => delete row[keys[i % keys.length] ?? ''],
  // An unknown field.
  (row) => Boolean((row.surprise = 1)),
  // A number as text, a text as number.
  (row, keys, i) => {
    const key = keys[i % keys.length] ?? ''
    if (row[key] === null) return false
    row[key] = typeof row[key] === 'string' ? 7 : 'seven'
    return true
  },
  // Far out of bounds.
  (row, keys) => {
    const key = keys.find((one) => typeof row[one] === 'number')
    if (key) row[key] = -1e9
    return key !== undefined
  },
  // An empty id.
  (row, keys) => {
    const key = keys.find((one) => /Id$/.test(one) && typeof row[one] === 'string' && one !== 'ruleSetId')
    if (key) row[key] = 'nowhere'
    return key !== undefined
  },
  // An impossible time.
  (row, keys) => {
    const key = keys.find((one) => /At$/.test(one) && typeof row[one] === 'string')
    if (key) row[key] = '2026-13-45'
    return key !== undefined
  },
  // A path that leaves the folder.
  (row) => {
    const has = typeof row.id === 'string'
    if (has) row.id = '../../etc/passwd'
    return has
  },
]

test('two hundred files with one spoiled row each: refused, the place named with its line, nothing changed', () => {
  const before = serializeArchive(exportArchive(records))
  const plain = JSON.parse(whole) as { tables: Record<string, Record<string, unknown>[]> }
  const places = Object.entries(plain.tables).flatMap(([name, rows]) => rows.map((_, i) => [name, i] as const))
  let count = 0
  for (let i = 0; count < 200; i += 1) {
    const archive = structuredClone(plain)
    const [name, index] = places[(i * 7) % places.length] ?? ['rigs', 0]
    const row = archive.tables[name]?.[index]
    if (!row || !spoils[i % spoils.length]?.(row, Object.keys(row), i)) continue
    // As exports are written: one row per line.
    const text = serializeArchive(archive as never)
    const { issues } = refused(Buffer.from(text))
    const own = issues.filter(({ path }) => path.startsWith(`tables.${name}.${index}`))
    const isByReference = spoils[i % spoils.length] === spoils[6]
    // A row with another id is also missed by its references.
    expect([i, name, isByReference || own.length > 0]).toEqual([i, name, true])
    const line = own[0]?.line
    if (line) expect(text.split('\n')[line - 1]).toContain(JSON.stringify(Object.values(row)[0]))
    expect(issues.every(({ message }) => message.length > 10)).toBe(true)
    count += 1
  }
  expect(serializeArchive(exportArchive(records))).toBe(before)
}, 120_000)

test.each(Array.from({ length: 40 }, (_, i) => i))('cut off or broken at offset %d: refused with the line', (i) => {
  const at = Math.floor((whole.length * (i + 0.5)) / 40)
  const cut = whole.slice(0, at)
  const { issues } = refused(Buffer.from(cut))
  expect(issues[0]?.line).toBeGreaterThan(0)
  expect(issues[0]?.line).toBeLessThanOrEqual(cut.split('\n').length)
})

test.each([
  ['nothing', '', /empty/],
  ['a picture', Buffer.from('\x89PNG\r\n\x1a\n…', 'latin1'), /picture/],
  ['a zip archive', Buffer.from('PK\x03\x04…', 'latin1'), /zip archive: unpack it/],
  ['a PDF', '%PDF-1.7 …', /PDF/],
  ['a database', 'SQLite format 3\0…', /under Restore/],
  ['no text', Buffer.from([0x7b, 0xff, 0xfe, 0x7d]), /no text/],
  ['JSON of something else', '{"trips": []}', /not an export/],
  ['a list', '[]', /not an export/],
  ['a text', '"gold-kettle"', /not an export/],
  ['a newer format', '{"format": "gold-kettle", "version": 4}', /newer version/],
  ['a format before the first', '{"format": "gold-kettle", "version": 0}', /not an export/],
  ['nested without end', '['.repeat(200_000), /./],
  ['a name of ours and nothing else', '{"format": "gold-kettle", "version": 1}', /missing/],
  ['a gzip cut off', gzipSync('{"format": "gold-kettle"}').subarray(0, 20), /damaged/],
])('%s is refused in a sentence', (_, content, sentence) => {
  const bytes = typeof content === 'string' ? Buffer.from(content) : content
  expect(refused(bytes).issues[0]?.message).toMatch(sentence)
})

test('one far too large, and a decompression bomb of a few kilobytes', () => {
  expect(refused(Buffer.alloc(MAX_BYTES + 1, 0x20)).message).toMatch(/too large/)
  const bomb = gzipSync(Buffer.alloc(MAX_BYTES + 1024, 0x20))
  expect(bomb.length).toBeLessThan(100_000)
  expect(refused(bomb).message).toMatch(/too large/)
})

test('a duplicate row; a photo that is no image; a photo that belongs to nothing', () => {
  const archive = exportArchive(records)
  const [rig] = archive.tables.rigs ?? []
  const twice = { ...archive, tables: { ...archive.tables, rigs: [rig, rig] } } as typeof archive
  expect(refused(Buffer.from(serializeArchive(twice))).issues[0]).toMatchObject({
    path: 'tables.rigs.1',
    message: expect.stringContaining('twice') as string,
  })
  const hash = contentHash(Buffer.from('AAAA', 'base64'))
  const lone = { ...archive, files: { [hash]: 'AAAA' } }
  expect(refused(Buffer.from(serializeArchive(lone))).issues[0]?.path).toBe(`files.${hash}`)
  const photo = { id: 'p', cylinderId: 'left', takenAt: '2026-11-01T00:00:00Z', type: 'image/png', bytes: 3 }
  const withPhoto = (contentHash: string, files: Record<string, string>): Buffer =>
    Buffer.from(
      serializeArchive({ ...archive, tables: { ...archive.tables, photos: [{ ...photo, contentHash }] }, files }),
    )
  expect(refused(withPhoto(hash, { [hash]: 'AAAA' })).issues[0]?.message).toMatch(/no picture of the kind/)
  expect(refused(withPhoto(hash, {})).issues[0]).toMatchObject({ path: 'tables.photos.0.contentHash' })
})

test('what no page could show is refused, though each row is valid by itself', () => {
  const archive = exportArchive(records)
  const lines = (archive.tables.lines ?? []).map((row) => {
    const line = row.line as { parts: { typeId: string }[] }
    return { ...row, line: { ...line, parts: line.parts.map((part) => ({ ...part, typeId: 'unheard-of' })) } }
  })
  const odd = { ...archive, tables: { ...archive.tables, lines } }
  const before = serializeArchive(exportArchive(records))
  expect(refused(Buffer.from(serializeArchive(odd))).message).toMatch(/could not be judged/)
  expect(serializeArchive(exportArchive(records))).toBe(before)
})
