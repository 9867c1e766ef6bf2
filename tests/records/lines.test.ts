import { change, edited } from '@tests/lines'
import { leakFindings } from '@/core/leak-test/sheet/leakFindings'
import { addCylinder, plainCylinder } from '@/records/repositories/cylinders/cylinders'
import type { Database } from '@/records/databaseType'
import { voidEvent } from '@/records/repositories/events'
import { addFill } from '@/records/repositories/cylinders/fills'
import { addHoldTest, listHoldTests } from '@/records/repositories/lines/holdTests'
import { listJudgedLines } from '@/records/repositories/lines/judgedLines'
import {
  addLeakReading,
  addLeakTest,
  findLeakTest,
  lastLeakTest,
  listLeakTests,
} from '@/records/repositories/lines/leakTests'
import { findLine, listLineChanges, listLines, saveLine } from '@/records/repositories/lines/lines'
import { ConflictError, NotFoundError } from '@/records/RecordsError'
import { addRig } from '@/records/repositories/rigs/rigs'
import { temporaryDatabase } from './temporary'
import { testedLine } from './testedLine'

let records: Database
const at = (hour: number): string => `2026-11-24T${String(hour).padStart(2, '0')}:00:00.000Z`

beforeEach(() => {
  records = temporaryDatabase()
  addRig(records, 'Marigold', 'rig')
})
afterEach(() => records.$client.close())

const codes = (): string[] =>
  listJudgedLines(records, 'rig').flatMap(({ tightness }) => leakFindings(tightness).map(({ code }) => code))

test('a line is stored whole; saving over a newer version is refused; archived it leaves the list', () => {
  const { line } = testedLine(records, 'rig', at(1))
  expect(findLine(records, 'house')?.line).toEqual(line)
  saveLine(records, 'house', 1, { name: 'House' }, at(2))
  expect(() => saveLine(records, 'house', 1, { name: 'Home' }, at(3))).toThrow(ConflictError)
  expect(() => saveLine(records, 'nowhere', 1, { name: 'Home' }, at(3))).toThrow(NotFoundError)
  expect(listLines(records, 'rig')[0]).toMatchObject({ name: 'House', version: 2 })
  saveLine(records, 'house', 2, { archivedAt: at(4) }, at(4))
  expect(listLines(records, 'rig')).toEqual([])
})

test('changes to it are in its history, and only those', () => {
  const { line } = testedLine(records, 'rig', at(1))
  saveLine(records, 'house', 1, { line: edited(line, change('main', { name: 'Spine' })) }, at(2))
  saveLine(records, 'house', 2, { line: edited(line, { do: 'remove', id: 'test-port' }) }, at(3))
  expect(listLineChanges(records, 'house').map(({ changedAt, words }) => [changedAt, words])).toEqual([
    [at(3), 'Test port in 3/8 flare taken out; joined 3/8 pipe thread to 3/8 flare to Main tube'],
    [at(1), 'drawn with 15 parts'],
  ])
})

test('tested it is proven; changed, refilled, leaking or failed it is not', () => {
  const { line } = testedLine(records, 'rig', at(1))
  expect(codes()).toEqual([])
  addCylinder(
    records,
    'rig',
    { ...plainCylinder, name: 'Left', kind: 'removable', tareKg: 8, waterCapacityKg: 21.6 },
    'left-20',
  )
  saveLine(records, 'house', 1, { line: edited(line, change('left', { cylinderId: 'left-20' })) }, at(2))
  expect(codes()).toEqual([])
  const told = { meteredM3: null, shownBefore: null, paid: null, note: null, netKg: null, mode: 'pump' } as const
  addFill(records, { cylinderId: 'left-20', filledAt: at(3), ...told }, null)
  expect(codes()).toEqual(['refilled-since-test'])
  saveLine(records, 'house', 2, { line: edited(line, change('main', { lengthM: 3 })) }, at(4))
  expect(codes()).toEqual(['line-changed-since-test'])
  const input = { lineVolumeM3: 0.001, startGaugePa: 2000, endGaugePa: 1900, durationS: 180, startK: 288, endK: 288 }
  const holdTest = { lineId: 'house', side: 'low', input, openBranches: null } as const
  addHoldTest(records, { ...holdTest, heldAt: at(5), outcome: 'fell' }, 'bad')
  expect(codes()).toContain('hold-fell')
  // A hold test of one branch, or an invalid one, clears nothing.
  addHoldTest(records, { ...holdTest, heldAt: at(6), outcome: 'held', openBranches: [] })
  addHoldTest(records, { ...holdTest, heldAt: at(7), outcome: 'rose' })
  expect(codes()).toContain('hold-fell')
  voidEvent(records, 'hold-test', 'bad', at(8), 'misread')
  expect(codes()).not.toContain('hold-fell')
  expect(listHoldTests(records, 'house')[2]?.voidReason).toBe('misread')
})

test('the last valid leak walk counts; a voided soaping does not exist', () => {
  testedLine(records, 'rig', at(1))
  const sheet = findLeakTest(records, 'walk')?.sheet ?? []
  addLeakTest(records, { lineId: 'house', startedAt: at(2), fingerprint: 'x', sheet: [...sheet] }, 'second')
  const leak = {
    testId: 'second',
    itemId: sheet.find(({ kind }) => kind === 'joint')?.id ?? '',
    leftForTechnician: false,
    readAt: at(2),
  }
  addLeakReading(records, { ...leak, grade: 'fast' }, 'soap')
  expect(codes()).toEqual(['leak-open'])
  voidEvent(records, 'soaping', 'soap', at(3), 'taken back')
  expect(codes()).toEqual(['leak-test-unfinished'])
  voidEvent(records, 'leak-test', 'second', at(4), 'wrong line')
  expect(lastLeakTest(records, 'house')?.id).toBe('walk')
  expect(listLeakTests(records, 'house')).toHaveLength(2)
  voidEvent(records, 'closing', 'end', at(5), 'it went out')
  expect(codes()).toEqual(['leak-test-unfinished'])
})
