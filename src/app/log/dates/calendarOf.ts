import { createEvents, type EventAttributes } from 'ics'
import type { DueDate } from '@/core/trip/tasks/dueDates'

function eventOf({ id, title, why, month }: DueDate, rigName: string): EventAttributes {
  const year = Number(month.slice(0, 4))
  const number = Number(month.slice(5, 7))
  return {
    // The identifier is stable, so that importing the calendar again makes no duplicates.
    uid: `${encodeURIComponent(id)}@gold-kettle`,
    title: `${title} (${rigName})`,
    description: `${why} Last good month: ${month}.`,
    start: [year, number, 1],
    duration: { days: 1 },
    startOutputType: 'local',
    productId: 'gold-kettle',
    alarms: [{ action: 'display', description: title, trigger: { before: true, weeks: 4 } }],
  }
}

/**
 * Due dates as a calendar file: each a whole day, the first of its last good month.
 *
 * @param due - from dueDates
 * @param rigName - named in each
 * @see RFC 5545
 */
export function calendarOf(due: readonly DueDate[], rigName: string): string {
  const { error, value } = createEvents(due.map((date) => eventOf(date, rigName)))
  if (error) throw error
  return value ?? ''
}
