import Sqlite from 'better-sqlite3'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { backupName, writeBackup } from '@/records/archive/backup/backup'
import type { Database } from '@/records/databaseType'
import { listCylinders } from '@/records/repositories/cylinders/cylinders'
import { addPhoto, readPhoto } from '@/records/repositories/photos'
import { RecordsError } from '@/records/RecordsError'
import { restoreBackup, verifyBackup } from '@/records/archive/backup/restoreBackup'
import { addRig, listRigs } from '@/records/repositories/rigs/rigs'
import { addWeighing, listWeighings } from '@/records/repositories/cylinders/weighings'
import { exportArchive } from '@/records/archive/export/exportArchive'
import { serializeArchive } from '@/records/archive/export/serializeArchive'
import { writeDemoRecords } from '../../../scripts/demo/writeDemoRecords'
import { olderFile } from '@tests/records/olderFile'
import { temporaryDatabase, temporaryFile } from '@tests/records/temporary'

const PNG = Buffer.concat([Buffer.from('\x89PNG\r\n\x1a\n', 'latin1'), Buffer.from('collar')])
const NOW = '2026-11-24T12:00:00.000Z'
let records: Database

beforeEach(() => {
  records = temporaryDatabase()
  writeDemoRecords(records, new Date(NOW))
})
afterEach(() => records.$client.close())

const text = (): string => serializeArchive(exportArchive(records))

function backupOf(database: Database): Buffer {
  const file = path.join(path.dirname(temporaryFile()), backupName(NOW))
  writeBackup(database, file, NOW)
  return fs.readFileSync(file)
}

test('a backup holds everything in one file, and replaces what was written since', async () => {
  addPhoto(records, 'left', PNG, NOW, 'collar')
  const before = text()
  const backup = backupOf(records)
  addRig(records, 'Other', 'other')
  addWeighing(records, { cylinderId: 'left', grossKg: 14, hangingKg: 0, source: 'typed', weighedAt: NOW })
  const { rigs, photos, before: kept } = await restoreBackup(records, backup, NOW)
  expect([rigs, photos]).toEqual([['Marigold'], 1])
  expect(text()).toBe(before)
  expect(readPhoto(records, 'collar')?.bytes).toEqual(PNG)
  expect(records.$client.pragma('integrity_check', { simple: true })).toBe('ok')

  // The previous records lie beside it, and are themselves a backup.
  await restoreBackup(records, fs.readFileSync(kept), '2026-11-24T13:00:00.000Z')
  expect(listRigs(records).map(({ name }) => name)).toEqual(['Marigold', 'Other'])
})

test('history cannot be erased after a restore either', async () => {
  await restoreBackup(records, backupOf(records), NOW)
  const [weighing] = listWeighings(records, 'left')
  expect(weighing).toBeDefined()
  expect(() => records.$client.exec('DELETE FROM weighings')).toThrow(/never erased/)
  expect(() => records.$client.exec("UPDATE verdicts SET verdict = 'ready'")).toThrow(/never changed/)
})

test('a backup of an older version is migrated, in a copy, before it is restored', async () => {
  const file = temporaryFile()
  olderFile(file, '0007_trips')
  await restoreBackup(records, fs.readFileSync(file), NOW)
  expect(listRigs(records).map(({ name }) => name)).toEqual(['Marigold'])
  expect(listCylinders(records, 'marigold')).toEqual([])
  addRig(records, 'Other', 'other')
  expect(listRigs(records)).toHaveLength(2)
})

describe('refused, with nothing changed', () => {
  const refusal = async (bytes: Buffer): Promise<string> => {
    const before = text()
    try {
      await restoreBackup(records, bytes, NOW)
    } catch (error) {
      expect(error).toBeInstanceOf(RecordsError)
      expect(text()).toBe(before)
      return (error as Error).message
    }
    throw new Error('restored')
  }
  const changed = (sql: string): Buffer => {
    const file = temporaryFile()
    fs.writeFileSync(file, backupOf(records))
    const client = new Sqlite(file)
    client.pragma('foreign_keys = OFF')
    client.exec(sql)
    client.close()
    return fs.readFileSync(file)
  }

  test('a file that is no database, or cut off', async () => {
    expect(await refusal(Buffer.from('{"format":"gold-kettle"}'))).toMatch(/no backup.*under Import/)
    const whole = backupOf(records)
    expect(await refusal(whole.subarray(0, whole.length / 2))).toMatch(/damaged/)
    expect(await refusal(whole.subarray(0, 60))).toMatch(/damaged|no backup|cannot be/)
  })

  test('an overwritten page', async () => {
    const whole = Buffer.from(backupOf(records))
    whole.fill(0xab, 8192, 16_384)
    expect(await refusal(whole)).toMatch(/damaged/)
  })

  test('one of another program, one of a newer version, one with dangling references', async () => {
    expect(await refusal(changed('PRAGMA application_id = 1'))).toMatch(/another program/)
    expect(
      await refusal(changed(`INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('x', 99999999999999)`)),
    ).toMatch(/newer version/)
    expect(await refusal(changed(`UPDATE cylinders SET rig_id = 'nowhere'`))).toMatch(/damaged/)
  })
})

test('checking a backup changes nothing and leaves nothing behind', async () => {
  const before = text()
  const backup = backupOf(records)
  // A folder of its own: other tests restore at the same time.
  const folder = path.dirname(temporaryFile())
  const place = jest.spyOn(os, 'tmpdir').mockReturnValue(folder)
  const summary = await verifyBackup(backup)
  expect(place).toHaveBeenCalled()
  place.mockRestore()
  expect(summary).toMatchObject({ rigs: ['Marigold'], madeAt: NOW, isVerifiable: true })
  expect(summary.rows).toBeGreaterThan(80)
  expect(fs.readdirSync(folder)).toEqual([])
  expect(text()).toBe(before)
})

test('a backup appears whole or not at all', () => {
  const folder = path.dirname(temporaryFile())
  const file = path.join(folder, 'b.db')
  writeBackup(records, file, NOW)
  expect(fs.readdirSync(folder)).toEqual(['b.db'])
})
