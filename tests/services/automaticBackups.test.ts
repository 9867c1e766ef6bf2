import fs from 'node:fs'
import path from 'node:path'
import { lastCheck } from '@/records/claimFile'
import { verifyBackup } from '@/records/archive/backup/restoreBackup'
import { openDatabase } from '@/records/openDatabase'
import { addRig } from '@/records/repositories/rigs/rigs'
import { checkRecords, listAutomaticBackups, makeAutomaticBackup } from '@/services/backups/automaticBackups'
import { temporaryFile } from '@tests/records/temporary'

function fileWithRig(): string {
  const file = temporaryFile()
  const records = openDatabase(file)
  addRig(records, 'Marigold')
  records.$client.close()
  return file
}

test('an automatic backup is a whole one, made while the records are open; old ones go', async () => {
  const file = fileWithRig()
  const records = openDatabase(file)
  const folder = path.join(path.dirname(file), 'backups')
  fs.mkdirSync(folder)
  // Three of one month long ago, and files that are none.
  for (const day of ['03', '10', '20'])
    fs.writeFileSync(path.join(folder, `records-auto-2026-01-${day}-10-00-00.db`), '')
  fs.writeFileSync(path.join(folder, 'records-before-0008-x.db'), '')
  fs.writeFileSync(path.join(folder, 'other-auto-2026-01-03-10-00-00.db'), '')
  const now = new Date('2026-11-24T12:00:00Z')
  await makeAutomaticBackup(file, now)
  const [newest] = listAutomaticBackups(file)
  expect(newest?.madeAt).toEqual(now)
  expect(await verifyBackup(fs.readFileSync(newest?.file ?? ''))).toMatchObject({
    rigs: ['Marigold'],
    isVerifiable: true,
  })
  expect(fs.readdirSync(folder).toSorted()).toEqual([
    'other-auto-2026-01-03-10-00-00.db',
    // The newest of its day, its week and its month stays: each week had one.
    'records-auto-2026-01-03-10-00-00.db',
    'records-auto-2026-01-10-10-00-00.db',
    'records-auto-2026-01-20-10-00-00.db',
    'records-auto-2026-11-24-12-00-00.db',
    'records-before-0008-x.db',
  ])
  records.$client.close()
}, 60_000)

test('a check of the whole file says when it was, and names what is wrong', async () => {
  const file = fileWithRig()
  const now = new Date('2026-11-24T12:00:00Z')
  expect(lastCheck(file)).toBeNull()
  expect(await checkRecords(file, now)).toEqual([])
  expect(lastCheck(file)).toBe(now.toISOString())

  const records = openDatabase(file)
  records.$client.pragma('foreign_keys = OFF')
  records.$client.exec(
    `INSERT INTO equipment (id, rig_id, kind, name, position) VALUES ('x', 'nowhere', 'hose', 'x', 0)`,
  )
  records.$client.close()
  expect(await checkRecords(file, new Date('2026-12-24T12:00:00Z'))).toEqual([expect.stringContaining('equipment')])
  expect(lastCheck(file)).toBe(now.toISOString())
}, 60_000)
