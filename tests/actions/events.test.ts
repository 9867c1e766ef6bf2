import { recordFillAction, tickAction } from '@/actions/fill'
import { recordWeighingAction } from '@/actions/cylinders'
import { database } from '@/records/database'
import { listCylinders } from '@/records/repositories/cylinders/cylinders'
import { addWeighing, listWeighings } from '@/records/repositories/cylinders/weighings'
import { listFills } from '@/records/repositories/cylinders/fills'
import { addLeakTest, lastLeakTest } from '@/records/repositories/lines/leakTests'
import { writeDemoRecords } from '../../scripts/demo/writeDemoRecords'
import { temporaryFile } from '@tests/records/temporary'

process.env.GOLD_KETTLE_DB = temporaryFile()
const sent = new Headers({ host: 'localhost:4680', origin: 'http://localhost:4680' })
jest.mock('next/headers', () => ({ headers: () => Promise.resolve(sent) }))
jest.mock('next/cache', () => ({ revalidatePath: () => undefined }))

const KEY = '0123456789abcdef0123456789abcdef'
const weighing = { cylinderId: 'left', grossKg: 14, hangingKg: 0, source: 'typed' }
const fromNow = (ms: number): string => new Date(Date.now() + ms).toISOString()
const DAY_MS = 86_400_000

beforeAll(() => writeDemoRecords(database(), new Date()))

test('a request sent again is one entry, with the answer of the first time', async () => {
  const before = listWeighings(database(), 'left').length
  const first = await recordWeighingAction(weighing, KEY)
  const again = await recordWeighingAction(weighing, KEY)
  expect(first.ok).toBe(true)
  expect(again).toEqual(first)
  expect(listWeighings(database(), 'left')).toHaveLength(before + 1)
  // Without a key, or with another, it is another entry.
  await recordWeighingAction(weighing)
  await recordWeighingAction(weighing, KEY.replace('0', '9'))
  await recordWeighingAction(weighing, { $ne: null })
  expect(listWeighings(database(), 'left')).toHaveLength(before + 4)
})

test('a fill sent again is one fill with one weighing', async () => {
  const fill = {
    cylinderId: 'right',
    mode: 'pump',
    after: { way: 'weighed', grossKg: 15, hangingKg: 0, source: 'typed' },
    meteredM3: null,
    shownBefore: null,
    paid: null,
    note: null,
  }
  const ready = listFills(database(), 'left').length
  const weighed = listWeighings(database(), 'left').length
  const answers = [1, 2, 3].map(() => recordFillAction({ ...fill, cylinderId: 'left', mode: 'by-weight' }, KEY))
  const results = await Promise.all(answers)
  expect(new Set(results.map((one) => JSON.stringify(one))).size).toBe(1)
  expect(results[0]?.ok).toBe(true)
  expect(listFills(database(), 'left')).toHaveLength(ready + 1)
  expect(listWeighings(database(), 'left')).toHaveLength(weighed + 1)
})

test('the owner may say when it was; a time that is still to come is asked about at its field', async () => {
  const yesterday = fromNow(-DAY_MS)
  expect(await recordWeighingAction({ ...weighing, happenedAt: yesterday })).toMatchObject({
    ok: true,
    value: { weighedAt: yesterday },
  })
  for (const happenedAt of [fromNow(365 * DAY_MS), 'yesterday', 7]) {
    const answer = await recordWeighingAction({ ...weighing, happenedAt })
    expect(answer).toMatchObject({ ok: false, issues: [{ path: 'happenedAt' }] })
  }
})

test('what was entered with a clock that was ahead does not stay the last', () => {
  const now = fromNow(-1000)
  addWeighing(database(), {
    cylinderId: 'right',
    grossKg: 17,
    hangingKg: 0,
    source: 'typed',
    weighedAt: fromNow(365 * DAY_MS),
  })
  addWeighing(database(), { cylinderId: 'right', grossKg: 12, hangingKg: 0, source: 'typed', weighedAt: now })
  const right = listCylinders(database(), 'marigold').find(({ row }) => row.id === 'right')
  expect(right?.gear.lastWeighing).toMatchObject({ grossKg: 12, weighedAt: now })
  // It stays in the history.
  expect(listWeighings(database(), 'right').map(({ grossKg }) => grossKg)).toContain(17)

  const standing = lastLeakTest(database(), 'house')?.startedAt
  addLeakTest(database(), { lineId: 'house', startedAt: fromNow(DAY_MS), fingerprint: 'x', sheet: [] })
  expect(lastLeakTest(database(), 'house')?.startedAt).toBe(standing)
})

test('entries are counted, and say when they were saved', async () => {
  const tick = { rigId: 'marigold', procedure: 'x', subjectId: '', stepId: 'y' }
  for (let i = 0; i < 3; i += 1) await tickAction({ ...tick, stepId: `step ${i}` })
  const rows = database()
    .$client.prepare('SELECT sequence, recorded_at AS recordedAt FROM ticks ORDER BY rowid DESC LIMIT 3')
    .all() as { sequence: number; recordedAt: string }[]
  const [third, second, first] = rows.map(({ sequence }) => sequence)
  expect([second, third]).toEqual([(first ?? 0) + 1, (first ?? 0) + 2])
  expect(rows.every(({ recordedAt }) => Math.abs(Date.parse(recordedAt) - Date.now()) < 60_000)).toBe(true)
  expect(() => database().$client.exec('UPDATE ticks SET sequence = 1')).toThrow(/never changed/)
  expect(() => database().$client.exec(`UPDATE ticks SET recorded_at = '2020-01-01T00:00:00Z'`)).toThrow(
    /never changed/,
  )
})
