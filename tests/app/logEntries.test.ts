import { formatPhrase } from '@/core/units/formatQuantity'
import { groupFacts, logGroups, logTitles } from '@/app/log/logKinds'
import { logEntries } from '@/app/log/logEntries'
import { remedyHref } from '@/ui/figures/remedyHref'
import { addAcceptance } from '@/records/repositories/trips/acceptances'
import { database } from '@/records/database'
import type { Database } from '@/records/databaseType'
import { voidEvent } from '@/records/repositories/events'
import { addHoldTest } from '@/records/repositories/lines/holdTests'
import { addCalibration } from '@/records/repositories/trips/calibrations'
import { addLevel } from '@/records/repositories/cylinders/levels'
import { logNames, logPage } from '@/records/repositories/logbook'
import { addSwap } from '@/records/repositories/trips/swaps'
import { addPracticed } from '@tests/records/practiced'
import { addTick } from '@/records/repositories/trips/ticks'
import { temporaryFile } from '@tests/records/temporary'
import { writeDemoRecords } from '../../scripts/demo/writeDemoRecords'

const NOW = '2026-11-24T12:00:00.000Z'
const before = process.env.GOLD_KETTLE_DB
let records: Database

beforeAll(() => {
  process.env.GOLD_KETTLE_DB = temporaryFile()
  records = database()
  writeDemoRecords(records, new Date(NOW))
  addLevel(records, {
    cylinderId: 'left',
    readAt: NOW,
    way: 'gauge',
    shown: 0.5,
    liquidFraction: 0.4,
    temperatureK: 288,
  })
  addTick(records, {
    rigId: 'marigold',
    procedure: 'trip before',
    subjectId: 'larkspur',
    stepId: 'a | b',
    tickedAt: NOW,
  })
  addHoldTest(records, {
    lineId: 'house',
    heldAt: NOW,
    side: 'low',
    input: { lineVolumeM3: 0.0007, startGaugePa: 2000, endGaugePa: 1900, durationS: 180, startK: 288, endK: 288 },
    outcome: 'fell',
    openBranches: null,
  })
  const sentence = { text: '{name} is old.', parts: { name: 'Left {pigtail}' } }
  const { id } = addAcceptance(records, {
    tripId: 'larkspur',
    findingKey: 'k',
    sentence,
    reason: 'known',
    acceptedAt: NOW,
  })
  voidEvent(records, 'acceptance', id, NOW, 'counts again')
  addSwap(records, { cylinderId: 'left', otherId: 'right', swappedAt: NOW, found: 'empty', otherShut: true })
  const learned = { factor: 1.2, burntKg: 1.2, plannedKg: 1, untilAt: NOW, learnedAt: NOW }
  addCalibration(records, { tripId: 'larkspur', supply: 'line', answer: 'taken', ...learned })
  addPracticed(records, 'marigold', NOW)
})
afterAll(() => {
  records.$client.close()
  process.env.GOLD_KETTLE_DB = before
})

const page = () =>
  logPage(records, 'marigold', { names: [], search: '', searchedNames: [], fromIso: '0', toIso: '9' }, 1, 1000)

test('every kind of event has a description in both unit systems', () => {
  const { rows } = page()
  const entries = logEntries(rows)
  expect(entries).toHaveLength(rows.length)
  expect(new Set(rows.map(({ of }) => of))).toEqual(new Set(logNames))
  for (const { what, says, subject } of entries) {
    expect(what).toMatch(/^[A-Z]/)
    expect(subject).not.toBe('')
    for (const system of ['us', 'metric'] as const) expect(formatPhrase(says, system)).not.toBe('')
  }
})

test('in the order of the rows; what cannot be voided has no button; a voided one shows its reason', () => {
  const { rows } = page()
  const entries = logEntries(rows)
  expect(entries.map(({ id }) => id)).toEqual(rows.map(({ id }) => id))
  for (const [i, { of }] of entries.entries()) {
    const isKept = rows[i]?.of === 'verdict' || rows[i]?.of === 'line-change'
    expect(of === null).toBe(isKept)
  }
  expect(entries.find(({ of }) => of === 'acceptance')?.voidReason).toBe('counts again')
})

test('the groups hold every kind once, each with its title', () => {
  expect(logGroups.flatMap((group) => groupFacts[group].kinds).toSorted()).toEqual([...logNames].toSorted())
  for (const name of logNames) expect(logTitles[name].length).toBeGreaterThan(3)
})

test.each([
  [{ label: 'x', station: 'cylinders', subjectId: 'left', page: 'dates' }, '/cylinders/left/dates'],
  [{ label: 'x', station: 'cylinders', page: 'equipment' }, '/cylinders/equipment'],
  [{ label: 'x', station: 'fill', subjectId: 'left' }, '/fill?cylinder=left'],
  [
    { label: 'x', station: 'hookup', subjectId: 'house', page: 'joints', about: 'a b' },
    '/hookup/joints?line=house&about=a+b',
  ],
  [{ label: 'x', station: 'heat', subjectId: 'saloon', page: 'air' }, '/heat/air?room=saloon'],
  [{ label: 'x', station: 'heat', subjectId: 'panel', page: 'heaters' }, '/heat/heaters?heater=panel'],
  [{ label: 'x', station: 'run', page: 'battery' }, '/run/battery'],
  [{ label: 'x', station: 'trip', subjectId: 'larkspur' }, '/'],
] as const)('a finding leads to its place: %j', (remedy, href) => {
  expect(remedyHref(remedy)).toBe(href)
})

test('a swap names the opened cylinder, and its reading is an entry of its own', () => {
  const said = logEntries(page().rows)
    .filter(({ of, at, subject }) => at === NOW && subject === 'Left cylinder' && (of === 'swap' || of === 'reading'))
    .map(({ what, says }) => `${what}: ${formatPhrase(says, 'us')}`)
  expect(said).toContain('Gave out: light: it is empty; Right cylinder opened, shut until then')
  expect(said.some((words) => words.startsWith('Found empty: 0'))).toBe(true)
})
