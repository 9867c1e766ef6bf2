import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { formatMonth } from '@/core/time/months'
import { tripEndDay } from '@/core/time/day'
import { dueDates } from '@/core/trip/tasks/dueDates'
import { MarkedItem } from '@/ui/figures/MarkedItem'
import { remedyHref } from '@/ui/figures/remedyHref'

export const metadata: Metadata = { title: 'Dates' }

export default function DatesPage() {
  const { rig, gear, trip, nowIso } = loadRigSnapshot()
  if (!rig) redirect('/')
  const month = nowIso.slice(0, 7)
  const endMonth = trip ? tripEndDay(trip.plan.startDay, trip.plan.nights).slice(0, 7) : month
  const due = dueDates(gear, nowIso.slice(0, 10))
  const stateOf = (last: string): 'fix-first' | 'ready' => (last <= endMonth ? 'fix-first' : 'ready')
  return (
    <>
      <p className="card-tools">
        <a className="btn btn-primary" href="/log/dates/calendar" download>
          Into your calendar (.ics)
        </a>
        <span className="hint">Each date as a day in its last good month, with a reminder a month before.</span>
      </p>
      <ul className="findings">
        {due.map(({ id, title, why, month: last, remedy }) => (
          <MarkedItem
            key={id}
            state={stateOf(last)}
            tone={stateOf(last) === 'ready' ? 'note' : 'fix-first'}
            title={`${formatMonth(last)}: ${title}`}
            href={remedyHref(remedy)}
            label={remedy.label}
          >
            <p className="hint">
              {last < month ? 'Past. ' : last <= endMonth ? 'Due before the trip’s end. ' : ''}
              {why}
            </p>
          </MarkedItem>
        ))}
      </ul>
      {due.length === 0 && <p>No dates are entered: cylinders, hoses and alarms bring theirs.</p>}
    </>
  )
}
