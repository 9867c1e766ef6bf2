import { problem } from '@/app/api/v1/problem'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { dueDates } from '@/core/trip/tasks/dueDates'
import { calendarOf } from '@/app/log/dates/calendarOf'

/** The rig’s dates as a calendar file. */
export function GET(): Response {
  const { rig, gear, nowIso } = loadRigSnapshot()
  if (!rig) return problem(404, 'There is no rig yet, so there are no dates.')
  return new Response(calendarOf(dueDates(gear, nowIso.slice(0, 10)), rig.name), {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': 'attachment; filename="gold-kettle-dates.ics"',
    },
  })
}
