import { addHours, differenceInCalendarDays, subDays, subHours } from 'date-fns'
import fc from 'fast-check'
import { backupsToKeep } from '@/services/backups/backupsToKeep'

const now = new Date('2026-11-24T12:00:00Z')
const daysAgo = fc.integer({ min: 0, max: 900 })

/** What is left after every day of some time, as the program runs. */
function liveThrough(days: number): Date[] {
  let kept: Date[] = []
  for (let ago = days; ago >= 0; ago -= 1) {
    const today = subDays(now, ago)
    kept = backupsToKeep([...kept, today], today)
  }
  return kept.toSorted((a, b) => b.getTime() - a.getTime())
}

test('after two years of days there are seven days, four weeks and twelve months', () => {
  const kept = liveThrough(730)
  const ages = kept.map((at) => differenceInCalendarDays(now, at))
  expect(ages.slice(0, 7)).toEqual([0, 1, 2, 3, 4, 5, 6])
  expect(kept.length).toBeLessThanOrEqual(7 + 4 + 12)
  expect(ages.filter((age) => age > 21).length).toBeGreaterThanOrEqual(10)
  expect(ages.at(-1)).toBeGreaterThan(300)
})

test('the newest is always kept, none is invented, and keeping again keeps the same', () => {
  fc.assert(
    fc.property(fc.uniqueArray(daysAgo, { minLength: 1, maxLength: 80 }), (ages) => {
      const moments = ages.map((age) => subDays(now, age))
      const kept = backupsToKeep(moments, now)
      expect(kept.every((at) => moments.includes(at))).toBe(true)
      expect(kept).toContain(moments.toSorted((a, b) => b.getTime() - a.getTime())[0])
      expect(kept.length).toBeLessThanOrEqual(7 + 4 + 12)
      expect(backupsToKeep(kept, now)).toEqual(kept)
    }),
  )
})

test('of one day the newest is kept; one dated ahead is not deleted', () => {
  const morning = subHours(now, 4)
  const ahead = addHours(now, 48)
  expect(backupsToKeep([morning, now, ahead], now)).toEqual([ahead, now])
})
