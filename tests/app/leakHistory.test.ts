import { temporaryDatabase } from '@tests/records/temporary'
import { testedLine } from '@tests/records/testedLine'
import { leakHistory } from '@/app/leak-test/leakHistory'
import type { LeakPageData } from '@/app/leak-test/leakPageData'
import { formatPhrase } from '@/core/units/formatQuantity'
import type { Database } from '@/records/databaseType'
import { voidEvent } from '@/records/repositories/events'
import { addHoldTest, listHoldTests } from '@/records/repositories/lines/holdTests'
import { addLeakReading, addLeakTest, listLeakTests } from '@/records/repositories/lines/leakTests'
import { findLine } from '@/records/repositories/lines/lines'
import { addRig } from '@/records/repositories/rigs/rigs'

let records: Database
const at = (hour: number): string => `2026-11-24T${String(hour).padStart(2, '0')}:00:00.000Z`

beforeEach(() => {
  records = temporaryDatabase()
  addRig(records, 'Marigold', 'rig')
  testedLine(records, 'rig', at(1))
})
afterEach(() => records.$client.close())

function leakData(): LeakPageData {
  return {
    rigId: 'rig',
    lines: [{ id: 'house', name: 'House line' }],
    chosen: findLine(records, 'house') ?? null,
    tests: listLeakTests(records, 'house'),
    holds: listHoldTests(records, 'house'),
    changedSince: false,
  }
}

const lines = (): string[] =>
  leakHistory(leakData()).map(({ what, says, voidReason }) =>
    [what, formatPhrase(says, 'us').replaceAll('\u00a0', ' '), voidReason ?? ''].join(' | '),
  )

test('a closed soap test and a hold test, one line each', () => {
  expect(lines().toSorted()).toEqual([
    'Hold test | Low side: held, 8.0 inWC to 8.0 inWC in 3 min | ',
    'Soap test | 32 places, 0 repaired, closed with Cooktop running | ',
  ])
})

test('leaks and places left for a technician have their own lines, newest first', () => {
  const sheet = leakData().tests[0]?.sheet ?? []
  const [foot] = sheet.filter(({ kind }) => kind !== 'pressure')
  addLeakTest(records, { lineId: 'house', startedAt: at(5), fingerprint: 'x', sheet: [...sheet] }, 'second')
  const soap = { testId: 'second', itemId: foot?.id ?? '', readAt: at(6) }
  addLeakReading(records, { ...soap, grade: 'slow', leftForTechnician: false })
  addLeakReading(records, { ...soap, readAt: at(7), grade: 'slow', leftForTechnician: true })
  expect(lines().slice(0, 3)).toEqual([
    `Left for a technician | ${foot?.name}: slow beads | `,
    `Leak found | ${foot?.name}: slow beads | `,
    'Soap test | 32 places, 1 leaking, 31 left | ',
  ])
})

test('voiding a soap test hides its leaks; a hold test of branches says so', () => {
  const sheet = leakData().tests[0]?.sheet ?? []
  const [, relief] = sheet.filter(({ kind }) => kind !== 'pressure')
  addLeakTest(records, { lineId: 'house', startedAt: at(5), fingerprint: 'x', sheet: [...sheet] }, 'second')
  addLeakReading(records, {
    testId: 'second',
    itemId: relief?.id ?? '',
    readAt: at(6),
    grade: 'hiss',
    leftForTechnician: false,
  })
  voidEvent(records, 'leak-test', 'second', at(7), 'wrong line')
  const input = { lineVolumeM3: 0.001, startGaugePa: 3e5, endGaugePa: 2.9e5, durationS: 900, startK: 288, endK: 288 }
  addHoldTest(records, { lineId: 'house', side: 'cylinder', input, outcome: 'fell', openBranches: null, heldAt: at(8) })
  addHoldTest(records, {
    lineId: 'house',
    side: 'low',
    input: { ...input, gas: 'co2' },
    outcome: 'high',
    openBranches: [],
    heldAt: at(9),
  })
  expect(lines().slice(0, 4)).toEqual([
    'Hold test of branches | Low side: begun too high: no test, 44 psi to 42 psi in 15 min | ',
    'Hold test | Cylinder side: fell: it leaks, 44 psi to 42 psi in 15 min | ',
    `Leak found | ${relief?.name}: audible hiss | wrong line`,
    'Soap test | 32 places, 1 leaking, 31 left | wrong line',
  ])
})

test('an event that can be voided names its kind', () => {
  expect(
    leakHistory(leakData())
      .map(({ of }) => of)
      .toSorted(),
  ).toEqual(['hold-test', 'leak-test'])
})
