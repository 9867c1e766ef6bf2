import type { Database } from '@/records/databaseType'
import { eventNames, voidEvent } from '@/records/repositories/events'
import { logNames, logPage, type LogFilter } from '@/records/repositories/logbook'
import { addRig } from '@/records/repositories/rigs/rigs'
import { addTick } from '@/records/repositories/trips/ticks'
import { addWeighing } from '@/records/repositories/cylinders/weighings'
import { writeDemoRecords } from '../../scripts/demo/writeDemoRecords'
import { temporaryDatabase } from './temporary'

let records: Database

beforeAll(() => {
  records = temporaryDatabase()
  writeDemoRecords(records, new Date('2026-11-24T12:00:00Z'))
  addTick(records, {
    rigId: 'marigold',
    procedure: 'trip before',
    subjectId: 'larkspur',
    stepId: '100%_sure',
    tickedAt: '2026-11-20T10:00:00Z',
  })
})
afterAll(() => records.$client.close())

const all: LogFilter = { names: [], search: '', searchedNames: [], fromIso: '0000', toIso: '9999' }
const page = (change: Partial<LogFilter> = {}, number = 1, size = 1000) =>
  logPage(records, 'marigold', { ...all, ...change }, number, size)

test('every kind of event is listed', () => {
  expect(logNames.toSorted()).toEqual([...eventNames, 'line-change', 'verdict'].toSorted())
})

test('every event once, newest first, in pages that add up to the whole', () => {
  const { rows, count } = page()
  expect(rows).toHaveLength(count)
  expect(new Set(rows.map(({ of, id }) => `${of} ${id}`)).size).toBe(count)
  const times = rows.map(({ at }) => at)
  expect(times).toEqual(times.toSorted().toReversed())
  const pages = Array.from({ length: Math.ceil(count / 25) }, (_, i) => page({}, i + 1, 25).rows).flat()
  expect(pages).toEqual(rows)
  expect(page({}, 999, 25).rows).toEqual([])
})

test('of one kind, of some days', () => {
  const weighings = page({ names: ['weighing'] }).rows
  expect(weighings.length).toBeGreaterThan(5)
  expect(weighings.every(({ of }) => of === 'weighing')).toBe(true)
  const { rows } = page({ fromIso: '2026-11-23', toIso: '2026-11-23T99' })
  expect(rows.length).toBeGreaterThan(0)
  expect(rows.every(({ at }) => at.startsWith('2026-11-23'))).toBe(true)
})

test('searched by names, notes, and kind', () => {
  expect(page({ search: 'right cyl' }).rows.every(({ subject }) => subject === 'Right cylinder')).toBe(true)
  expect(page({ search: 'on their scale' }).rows.map(({ of }) => of)).toEqual(['fill'])
  const byKind = page({ search: 'weighed', searchedNames: ['weighing'] }).rows
  expect(byKind.map(({ of }) => of)).toContain('weighing')
  expect(page({ search: 'nothing of the kind' })).toEqual({ rows: [], count: 0 })
})

test('pattern characters are literal; a quote is harmless', () => {
  expect(page({ search: '100%_sure' }).count).toBe(1)
  expect(page({ search: '1%e' }).count).toBe(0)
  expect(page({ search: `'); DROP TABLE weighings; --` }).count).toBe(0)
  expect(page({ search: '\\' }).count).toBe(0)
  expect(page({ names: ['weighing'] }).count).toBeGreaterThan(5)
})

test('voided entries stay listed; another rig’s do not appear', () => {
  const before = page().count
  const { id } = addWeighing(records, {
    cylinderId: 'left',
    grossKg: 12,
    hangingKg: 0,
    source: 'typed',
    weighedAt: '2026-11-24T11:00:00Z',
  })
  voidEvent(records, 'weighing', id, '2026-11-24T11:01:00Z', 'adapter')
  expect(page().count).toBe(before + 1)
  addRig(records, 'Other', 'other')
  expect(logPage(records, 'other', all, 1, 50)).toEqual({ rows: [], count: 0 })
})
