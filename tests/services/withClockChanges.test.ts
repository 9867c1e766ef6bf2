import { spawnSync } from 'node:child_process'
import { withClockChanges } from '@/services/trips/withClockChanges'
import { tripPlan } from '@tests/gear'
import { bundled } from '@tests/records/crashes/bundled'

const program = bundled('services/clockChangesOf')
const HOUR_S = 3600

function changesIn(zone: string, startDay: string, nights: number): { atS: number; shiftS: number }[] {
  const { stdout, stderr } = spawnSync(process.execPath, [program, startDay, String(nights)], {
    encoding: 'utf8',
    env: { ...process.env, TZ: zone },
  })
  expect(stderr).toBe('')
  return JSON.parse(stdout) as { atS: number; shiftS: number }[]
}

// The rules of these zones for 2026, by the IANA time zone database: Denver springs forward on March 8 and falls back on
// November 1, both at 2 am; Sydney falls back on April 5 at 3 am; Lord Howe by half an hour; Phoenix has no changes.
test.each([
  ['America/Denver', '2026-03-07', 2, [{ atS: 11 * HOUR_S, shiftS: HOUR_S }]],
  ['America/Denver', '2026-10-31', 2, [{ atS: 11 * HOUR_S, shiftS: -HOUR_S }]],
  ['America/Denver', '2026-11-24', 7, []],
  ['Australia/Sydney', '2026-04-04', 2, [{ atS: 12 * HOUR_S, shiftS: -HOUR_S }]],
  ['Australia/Lord_Howe', '2026-04-04', 2, [{ atS: 11 * HOUR_S, shiftS: -HOUR_S / 2 }]],
  ['America/Phoenix', '2026-03-07', 2, []],
  ['UTC', '2026-01-01', 364, []],
])('in %s a trip from %s, %i nights', (zone, startDay, nights, changes) => {
  const found = changesIn(zone, startDay, nights)
  expect(found.map(({ shiftS }) => shiftS)).toEqual(changes.map(({ shiftS }) => shiftS))
  // To the hour: the change is noticed at the first whole hour after it.
  for (const [i, { atS }] of found.entries()) {
    expect(Math.abs(atS - (changes[i]?.atS ?? 0))).toBeLessThanOrEqual(HOUR_S)
  }
})

test('over a year in a zone that has them, the changes cancel', () => {
  const changes = changesIn('America/Denver', '2026-01-01', 364)
  expect(changes).toHaveLength(2)
  expect(changes.reduce((sum, { shiftS }) => sum + shiftS, 0)).toBe(0)
})

test('a day that cannot be read is left as it is', () => {
  const plan = tripPlan({ startDay: 'soon' })
  expect(withClockChanges(plan)).toBe(plan)
})
