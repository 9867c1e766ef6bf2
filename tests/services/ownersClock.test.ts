import { spawnSync } from 'node:child_process'
import { tripMoments } from '@/core/trip/usage/tripMoments'
import { usualRunSettings } from '@/core/run/runSettings'
import type { ClockChange } from '@/core/time/tripClock'
import { onOwnersClock } from '@/services/shared/ownersClock'
import { tripPlan } from '@tests/gear'
import { bundled } from '@tests/records/crashes/bundled'

const program = bundled('services/ownersClockOf')
const HOUR_S = 3600

function clockIn(
  zone: string,
  startDay: string,
  nights: number,
  startH = 15,
): { startAt: string; clockChanges: ClockChange[] } {
  const { stdout, stderr } = spawnSync(process.execPath, [program, startDay, String(nights), String(startH)], {
    encoding: 'utf8',
    env: { ...process.env, TZ: zone },
  })
  expect(stderr).toBe('')
  return JSON.parse(stdout) as { startAt: string; clockChanges: ClockChange[] }
}

// The rules of these zones for 2026, by the IANA time zone database: Denver springs forward on March 8 and falls back on
// November 1, both at 2 am; St. John's on the same days at 2 am of its own; Sydney falls back on April 5 at 3 am; Lord
// Howe by half an hour; Phoenix and Kathmandu have no changes.
test.each([
  ['America/Denver', '2026-03-07', 2, [{ atS: 11 * HOUR_S, shiftS: HOUR_S }]],
  ['America/Denver', '2026-10-31', 2, [{ atS: 11 * HOUR_S, shiftS: -HOUR_S }]],
  ['America/Denver', '2026-11-24', 7, []],
  ['America/St_Johns', '2026-03-07', 2, [{ atS: 11 * HOUR_S, shiftS: HOUR_S }]],
  ['Australia/Sydney', '2026-04-04', 2, [{ atS: 12 * HOUR_S, shiftS: -HOUR_S }]],
  ['Australia/Lord_Howe', '2026-04-04', 2, [{ atS: 11 * HOUR_S, shiftS: -HOUR_S / 2 }]],
  ['America/Phoenix', '2026-03-07', 2, []],
  ['Asia/Kathmandu', '2026-01-01', 364, []],
  ['UTC', '2026-01-01', 364, []],
])('in %s a trip from %s, %i nights, changes its clock to the minute', (zone, startDay, nights, changes) => {
  expect(clockIn(zone, startDay, nights).clockChanges).toEqual(changes)
  // One that leaves 40 minutes later is 40 minutes nearer to it.
  const later = clockIn(zone, startDay, nights, 15 + 40 / 60).clockChanges
  expect(later).toEqual(changes.map(({ atS, shiftS }) => ({ atS: atS - 2400, shiftS })))
})

test.each([
  ['America/Denver', '2026-03-08', '2026-03-08T21:00:00.000Z'],
  ['America/Denver', '2026-11-01', '2026-11-01T22:00:00.000Z'],
  ['America/St_Johns', '2026-03-08', '2026-03-08T17:30:00.000Z'],
  ['Asia/Kathmandu', '2026-03-08', '2026-03-08T09:15:00.000Z'],
  ['UTC', '2026-03-08', '2026-03-08T15:00:00.000Z'],
])('in %s a trip leaves at 3 pm by the clock on %s', (zone, startDay, startAt) => {
  expect(clockIn(zone, startDay, 2).startAt).toBe(startAt)
})

test('over a year in a zone that has them, the changes cancel', () => {
  const { clockChanges } = clockIn('America/Denver', '2026-01-01', 364)
  expect(clockChanges).toHaveLength(2)
  expect(clockChanges.reduce((sum, { shiftS }) => sum + shiftS, 0)).toBe(0)
})

test('a trip planned in winter time for summer time keeps its hour and its midnights', () => {
  const { startAt, clockChanges } = clockIn('America/Denver', '2026-03-07', 2)
  const plan = { startAt, startDay: '2026-03-07', nights: 2, settings: { ...usualRunSettings, clockChanges } }
  // The offset of the moment of judgment is another than that of the trip’s end; it does not matter.
  const moments = tripMoments(plan, '2026-03-10T09:00:00-06:00')
  expect(new Date(moments.startMs).toISOString()).toBe('2026-03-07T22:00:00.000Z')
  expect(new Date(moments.endMs).toISOString()).toBe('2026-03-10T06:00:00.000Z')
  expect(moments.days.map(({ fromMs, toMs }) => (toMs - fromMs) / 3_600_000)).toEqual([24, 23, 24])
})

test('a day that cannot be read is left as it is', () => {
  const plan = tripPlan({ startDay: 'soon' })
  expect(onOwnersClock(plan)).toBe(plan)
})
