import { z } from '@/core/base/zod'
import { act } from '@/actions/shared/result'
import type { Database } from '@/records/databaseType'
import { addRig, listRigs } from '@/records/repositories/rigs/rigs'
import { storageSentence } from '@/records/storageSentence'
import { exportWorld } from '@/records/archive/export/exportArchive'
import { importWorld } from '@/records/archive/import/importArchive'
import { writeWorld } from '@/records/archive/export/writeArchive'
import { loadDemoWorld } from '../../scripts/demoWorld'
import { temporaryDatabase } from './temporary'

let records: Database

beforeEach(() => {
  records = temporaryDatabase()
})
afterEach(() => records.$client.close())

const add = (name: string) => act(z.strictObject({ name: z.string() }), { name }, (said) => addRig(records, said.name))

/** The file may grow no further: as on a full disk. */
function fillDisk(): void {
  const pages = records.$client.pragma('page_count', { simple: true })
  records.$client.pragma(`max_page_count = ${Number(pages)}`)
}

test('a full disk is a sentence, not a breakdown, and what stood there stands', () => {
  addRig(records, 'Marigold')
  fillDisk()
  let answer = add('x'.repeat(50))
  for (let i = 0; i < 200 && answer.ok; i += 1) answer = add(`${i} ${'x'.repeat(50)}`)
  expect(answer).toMatchObject({
    ok: false,
    issues: [{ path: '', message: expect.stringContaining('disk is full') as string }],
  })
  expect(listRigs(records).map(({ name }) => name)).toContain('Marigold')
  expect(records.$client.pragma('integrity_check', { simple: true })).toBe('ok')
})

test('an import that does not find room leaves nothing of itself', () => {
  const other = temporaryDatabase()
  loadDemoWorld(other, new Date('2026-11-24T12:00:00Z'))
  const world = exportWorld(other)
  other.$client.close()
  const before = writeWorld(exportWorld(records))
  fillDisk()
  expect(() => importWorld(records, world, 'mine', false)).toThrow(/full/)
  expect(writeWorld(exportWorld(records))).toBe(before)
})

test('records that may only be read are told so', () => {
  addRig(records, 'Marigold')
  records.$client.pragma('query_only = ON')
  expect(add('Heron')).toMatchObject({
    ok: false,
    issues: [{ message: expect.stringContaining('only be read') as string }],
  })
  expect(listRigs(records)).toHaveLength(1)
})

test.each([
  ['SQLITE_BUSY', /something else is writing/],
  ['SQLITE_IOERR_FSYNC', /disk does not answer/],
  ['ENOSPC', /disk is full/],
  ['EROFS', /only be read/],
])('%s has its sentence', (code, sentence) => {
  expect(storageSentence(Object.assign(new Error('x'), { code }))).toMatch(sentence)
})

test('a fault of the program is not put on the disk', () => {
  expect(storageSentence(new TypeError('x'))).toBeNull()
  expect(storageSentence('SQLITE_FULL')).toBeNull()
  expect(() =>
    act(z.unknown(), null, () => {
      throw new TypeError('x')
    }),
  ).toThrow(TypeError)
})
