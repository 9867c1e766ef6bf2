import type { Metadata } from 'next'
import Link from 'next/link'
import { redirect } from 'next/navigation'
import { loadWorld } from '@/app/world'
import { monthWords } from '@/core/cylinders/monthWords'
import { dueDates } from '@/core/readiness/dueDates'
import { tripEndDay } from '@/core/running/tripEndDay'
import { remedyHref } from '@/ui/remedyHref'
import { StateMark, stateWords } from '@/ui/StateMark'

export const metadata: Metadata = { title: 'Dates' }

export default function DatesPage() {
  const { rig, gear, trip, nowIso } = loadWorld()
  if (!rig) redirect('/')
  const month = nowIso.slice(0, 7)
  const endMonth = trip ? tripEndDay(trip.plan.startDay, trip.plan.nights).slice(0, 7) : month
  const due = dueDates(gear, nowIso.slice(0, 10))
  const stateOf = (last: string): 'stop' | 'fix-first' | 'ready' =>
    last < month ? 'stop' : last <= endMonth ? 'fix-first' : 'ready'
  const words = { stop: 'past', 'fix-first': 'due before the trip’s end', ready: stateWords.ready } as const
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
          <li key={id} className={stateOf(last) === 'ready' ? 'note' : stateOf(last)}>
            <StateMark state={stateOf(last)} />
            <div>
              <strong>
                <span className="visually-hidden">{words[stateOf(last)]}: </span>
                {monthWords(last)}: {title}
              </strong>
              <p className="hint">{why}</p>
            </div>
            <Link className="btn btn-quiet" href={remedyHref(remedy)}>
              {remedy.label}
            </Link>
          </li>
        ))}
      </ul>
      {due.length === 0 && <p>No dates are entered: cylinders, hoses and alarms bring theirs.</p>}
    </>
  )
}
