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
  const stateOf = (last: string): 'fix-first' | 'ready' => (last <= endMonth ? 'fix-first' : 'ready')
  const wordsOf = (last: string): string =>
    last < month ? 'past' : last <= endMonth ? 'due before the trip’s end' : stateWords.ready
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
                {monthWords(last)}: {title}
              </strong>
              <p className="hint">
                {stateOf(last) === 'fix-first' && `${wordsOf(last).replace(/^./, (letter) => letter.toUpperCase())}. `}
                {why}
              </p>
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
