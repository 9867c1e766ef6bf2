import { acceptFindingAction, keepVerdictAction } from '@/actions/trip'
import { database } from '@/records/database'
import { listVerdicts } from '@/records/repositories/trips/verdicts'
import { addWeighing } from '@/records/repositories/cylinders/weighings'
import { judgedTrip } from '@/services/trips/judgedTrip'
import { isAcceptable } from '@/core/trip/readiness/readiness'
import { keepVerdict, keptSince } from '@/services/trips/keepVerdict'
import { writeDemoRecords } from '../../scripts/demo/writeDemoRecords'
import { temporaryFile } from '@tests/records/temporary'

process.env.GOLD_KETTLE_DB = temporaryFile()
jest.mock('next/headers', () => ({
  headers: () => Promise.resolve(new Headers({ host: 'localhost:4680', origin: 'http://localhost:4680' })),
}))
jest.mock('next/cache', () => ({ revalidatePath: () => undefined }))

const count = (): number => listVerdicts(database(), 'larkspur').length
const judged = () => {
  const trip = judgedTrip('larkspur', new Date())
  if (!trip) throw new Error('The demo has no trip')
  return trip
}

beforeAll(() => writeDemoRecords(database(), new Date()))
afterEach(() => jest.useRealTimers())

test('judging keeps nothing; keeping twice, and again weeks later, is one verdict', () => {
  const before = count()
  expect(keptSince(judged())).toBeNull()
  expect(count()).toBe(before)
  const { judgedAt } = keepVerdict('larkspur', new Date())
  expect(keptSince(judged())).toBe(judgedAt)
  keepVerdict('larkspur', new Date())
  // Findings tell how old a weighing is: that alone is no other verdict.
  const inMinutes = Date.now() + 10 * 60_000
  jest.useFakeTimers({ now: inMinutes, doNotFake: ['performance'] })
  keepVerdict('larkspur', new Date())
  expect(count()).toBe(before + 1)
})

test('another weighing makes it another verdict', () => {
  const before = count()
  addWeighing(database(), {
    cylinderId: 'left',
    grossKg: 12,
    hangingKg: 0,
    source: 'typed',
    weighedAt: new Date().toISOString(),
  })
  expect(keptSince(judged())).toBeNull()
  keepVerdict('larkspur', new Date())
  expect(count()).toBe(before + 1)
})

test('accepting a finding keeps the verdict with it', async () => {
  const before = count()
  const open = judged().ready.answered.find(({ finding }) => isAcceptable(finding))
  const answer = await acceptFindingAction({ tripId: 'larkspur', key: open?.key ?? '', reason: 'Seen and known.' })
  expect(answer.ok).toBe(true)
  expect(count()).toBe(before + 1)
  expect(keptSince(judged())).not.toBeNull()
  expect(await keepVerdictAction({ tripId: 'nowhere' })).toMatchObject({ ok: false, issues: [{ path: '' }] })
})

test('what no reason makes acceptable is refused, whatever is sent, and so is a reason that says nothing', async () => {
  const { answered } = judged().ready
  const barred = answered.filter(({ finding }) => finding.severity !== 'note' && !isAcceptable(finding))
  expect(new Set(barred.map(({ finding }) => finding.severity))).toEqual(new Set(['stop', 'fix-first']))
  for (const { key } of barred) {
    const answer = await acceptFindingAction({ tripId: 'larkspur', key, reason: 'I have looked at it.' })
    expect(answer).toMatchObject({ ok: false, issues: [{ path: 'reason' }] })
  }
  const open = answered.find(({ finding, accepted }) => accepted === null && isAcceptable(finding))
  for (const reason of ['x', 'ok', '. . .', 'because', '12 34 56', 'a b c d']) {
    const answer = await acceptFindingAction({ tripId: 'larkspur', key: open?.key ?? '', reason })
    expect(answer).toMatchObject({ ok: false, issues: [{ path: 'reason' }] })
  }
  expect(judged().ready.acceptedCount).toBe(1)
})
