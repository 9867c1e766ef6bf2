import { differenceInCalendarDays, format, getISOWeek, getISOWeekYear } from 'date-fns'

const DAYS = 7
const WEEKS = 4
const MONTHS = 12

/** The newest of each group, for the newest groups. */
function newestOfEach(moments: readonly Date[], groupOf: (at: Date) => string, most: number): Date[] {
  const groups = new Map<string, Date>()
  for (const at of moments) if (!groups.has(groupOf(at))) groups.set(groupOf(at), at)
  return [...groups.values()].slice(0, most)
}

/**
 * Which automatic backups are kept: the newest of each of the last 7 days, 4 weeks and 12 months that have one.
 *
 * @param moments - when each was made
 * @param now - the present; a backup dated ahead of it is kept
 */
export function backupsToKeep(moments: readonly Date[], now: Date): Date[] {
  const newestFirst = moments.toSorted((a, b) => b.getTime() - a.getTime())
  const past = newestFirst.filter((at) => differenceInCalendarDays(at, now) <= 0)
  return [
    ...new Set([
      ...newestFirst.filter((at) => !past.includes(at)),
      ...newestOfEach(past, (at) => format(at, 'yyyy-MM-dd'), DAYS),
      ...newestOfEach(past, (at) => `${getISOWeekYear(at)} ${getISOWeek(at)}`, WEEKS),
      ...newestOfEach(past, (at) => format(at, 'yyyy-MM'), MONTHS),
    ]),
  ]
}
