import { z } from '@/core/base/zod'
import { act } from '@/actions/shared/act'
import type { Database } from '@/records/databaseType'
import { addRig, listRigs } from '@/records/repositories/rigs/rigs'
import { storageErrorMessage } from '@/records/storageErrorMessage'
import { exportArchive } from '@/records/archive/export/exportArchive'
import { importArchive } from '@/records/archive/import/importArchive'
import { serializeArchive } from '@/records/archive/export/serializeArchive'
import { writeDemoRecords } from '../../scripts/demo/writeDemoRecords'
import { temporaryDatabase } from './temporary'

jest.mock('next/headers', () => ({
  headers: () => Promise.resolve(new Headers({ host: 'localhost:4680', origin: 'http://localhost:4680' })),
}))

jest.mock('next/cache', () => ({ revalidatePath: () => undefined }))

let records: Database

beforeEach(() => {
  records = temporaryDatabase()
})
afterEach(() => records.$client.close())

const add = (name: string) => act(z.strictObject({ name: z.string() }), { name }, (said) => addRig(records, said.name))

/** Keeps the file from growing, as a full disk does. */
function fillDisk(): void {
  const pages = records.$client.pragma('page_count', { simple: true })
  records.$client.pragma(`max_page_count = ${Number(pages)}`)
}

test('a full disk gives a sentence, not a crash, and earlier records stay', async () => {
  addRig(records, 'Marigold')
  fillDisk()
  let answer = await add('x'.repeat(50))
  for (let i = 0; i < 200 && answer.ok; i += 1) answer = await add(`${i} ${'x'.repeat(50)}`)
  expect(answer).toMatchObject({
    ok: false,
    issues: [{ path: '', message: expect.stringContaining('disk is full') as string }],
  })
  expect(listRigs(records).map(({ name }) => name)).toContain('Marigold')
  expect(records.$client.pragma('integrity_check', { simple: true })).toBe('ok')
})

test('an import that runs out of space leaves nothing behind', () => {
  const other = temporaryDatabase()
  writeDemoRecords(other, new Date('2026-11-24T12:00:00Z'))
  const archive = exportArchive(other)
  other.$client.close()
  const before = serializeArchive(exportArchive(records))
  fillDisk()
  expect(() => importArchive(records, archive, 'mine', false)).toThrow(/full/)
  expect(serializeArchive(exportArchive(records))).toBe(before)
})

test('read-only records are reported', async () => {
  addRig(records, 'Marigold')
  records.$client.pragma('query_only = ON')
  expect(await add('Heron')).toMatchObject({
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
  expect(storageErrorMessage(Object.assign(new Error('x'), { code }))).toMatch(sentence)
})

test('a programming error is not blamed on the disk', async () => {
  expect(storageErrorMessage(new TypeError('x'))).toBeNull()
  expect(storageErrorMessage('SQLITE_FULL')).toBeNull()
  await expect(
    act(z.unknown(), null, () => {
      throw new TypeError('x')
    }),
  ).rejects.toThrow(TypeError)
})
