import { subDays, subHours } from 'date-fns'
import { InputError } from '@/core/base/InputError'
import { database } from '@/records/database'
import { addDrillRun } from '@/records/repositories/practice/practice'
import { voidEntry } from '@/services/log/entries'
import {
  faultRepairSchema,
  isRefreshDue,
  practiceLines,
  practiceRecords,
  recordDrill,
  recordFault,
  recordFaultRepair,
  recordRehearsal,
  rehearsalSchema,
} from '@/services/practice/practice'
import { recordWeighing } from '@/services/cylinders/measuring'
import { rigSnapshot } from '@/services/rigs/rigSnapshot'
import { temporaryFile } from '@tests/records/temporary'
import { writeDemoRecords } from '../../scripts/demo/writeDemoRecords'

process.env.GOLD_KETTLE_DB = temporaryFile()
const NOW = new Date()
const RIG = 'marigold'

beforeAll(() => writeDemoRecords(database(), NOW))

const codesOf = (): string[] => rigSnapshot(new Date()).judged?.judgment.findings.map(({ code }) => code) ?? []

const limiter = { rigId: RIG, lineId: 'house', kind: 'limiter', place: 'left', note: null } as const

test('a fault that was found is in the verdict until its repair is entered', () => {
  expect(codesOf()).not.toContain('line-fault-recorded')
  const fault = recordFault(limiter, new Date())
  expect(codesOf()).toContain('line-fault-recorded')
  expect(practiceRecords(RIG).faults.map(({ name }) => name)).toEqual([fault.name])
  expect(() => recordFault(limiter, new Date())).toThrow('This fault is recorded already.')
  recordFaultRepair({ rigId: RIG, faultId: fault.id, note: 'reopened slowly' }, new Date())
  expect(codesOf()).not.toContain('line-fault-recorded')
  expect(() => recordFaultRepair({ rigId: RIG, faultId: fault.id, note: 'x' }, new Date())).toThrow(
    'This fault is not open.',
  )
  // Found again: open again; entered by mistake: void.
  const again = recordFault(limiter, new Date())
  expect(practiceRecords(RIG).faults).toHaveLength(1)
  voidEntry({ of: 'fault', id: again.id, reason: 'not so' }, new Date())
  expect(practiceRecords(RIG).faults).toHaveLength(0)
})

test('a fault that this rig cannot have, or on a line that is not there, is refused', () => {
  expect(() => recordFault({ ...limiter, kind: 'auto-shutoff' }, new Date())).toThrow(InputError)
  expect(() => recordFault({ ...limiter, lineId: 'nowhere' }, new Date())).toThrow(
    'This line is not on the active rig.',
  )
  expect(() => recordFault({ ...limiter, place: 'right' }, new Date())).toThrow('possible only at')
  expect(faultRepairSchema.safeParse({ rigId: RIG, faultId: 'x', note: ' ' }).error?.issues[0]?.message).toBe(
    'Say who repaired it and how.',
  )
})

test('a rehearsal ends the note, for a year', () => {
  expect(codesOf()).toContain('rehearsal-due')
  recordRehearsal({ rigId: RIG, people: 2, sheets: ['gas', 'co'], note: null }, new Date())
  expect(codesOf()).not.toContain('rehearsal-due')
  const refused = rehearsalSchema.safeParse({ rigId: RIG, people: 0, sheets: [], note: null }).error?.issues
  expect(refused?.map(({ path, message }) => [path.join('.'), message])).toEqual([
    ['people', 'Enter 1 or more: somebody has to walk the steps.'],
    ['sheets', 'Walk through one sheet or more.'],
  ])
})

test('progress of a drill: refreshed before the season, and after a bad end', () => {
  const run = {
    rigId: RIG,
    drill: 'nothing-works',
    seed: 1,
    reason: null,
    durationS: 60,
    expertDurationS: 60,
    gasKg: 0,
  } as const
  const nowIso = NOW.toISOString()
  addDrillRun(database(), { ...run, result: 'good', finishedAt: subDays(NOW, 200).toISOString() })
  const runs = () => practiceRecords(RIG).drills.filter(({ drill }) => drill === 'nothing-works')
  expect(isRefreshDue(runs(), nowIso)).toBe(true)
  recordDrill({ ...run, result: 'good' }, subHours(NOW, 2))
  expect(isRefreshDue(runs(), nowIso)).toBe(false)
  recordDrill({ ...run, result: 'bad', reason: 'A flame was held to a joint.' }, subHours(NOW, 1))
  expect(isRefreshDue(runs(), nowIso)).toBe(true)
  expect(isRefreshDue([], nowIso)).toBe(false)
})

test('the lines to practice on: contents as measured, known while they are fresh', () => {
  const [house, soda] = practiceLines(rigSnapshot(new Date()))
  expect([house?.id, soda?.id]).toEqual(['house', 'soda-line'])
  expect(house?.rig.altitudeM).toBeCloseTo(2408, 0)
  expect(house?.rig.cylinders.map(({ partId, massKg }) => [partId, massKg !== null])).toEqual([
    ['left', true],
    ['right', true],
  ])
  expect(house?.rig.known.cylinders).not.toContain('left')
  recordWeighing({ cylinderId: 'left', grossKg: 13, hangingKg: 0, source: 'typed', happenedAt: null }, new Date())
  expect(practiceLines(rigSnapshot(new Date()))[0]?.rig.known.cylinders).toContain('left')
})
