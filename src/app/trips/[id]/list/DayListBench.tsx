'use client'

import { Link } from '@/ui/shell/Link'
import Form from 'react-bootstrap/Form'
import { useTicks, type LoggedTick, type RunOf } from '@/app/shared/useTicks'
import type { DayList, Errand } from '@/core/trip/tasks/dayList'
import { workPlaces, workPlaceLabels } from '@/core/findings/findingFacts'
import { Amount, BigAmount, PhraseText } from '@/ui/figures/Amount'
import { DateTime } from '@/ui/figures/DateTime'
import { remedyHref } from '@/ui/figures/remedyHref'
import { StateMark } from '@/ui/figures/StateMark'

function ErrandRow({
  errand: { id, isStop, what, why, minutes, cost, remedy },
  tickedAt,
  toggle,
}: {
  errand: Errand
  tickedAt: string | null
  toggle: () => void
}) {
  const boxId = `errand ${id}`
  return (
    <li className={tickedAt === null ? '' : 'done'}>
      <Form.Check id={boxId} checked={tickedAt !== null} onChange={toggle} aria-labelledby={`${boxId} words`} />
      <div>
        <label htmlFor={boxId} id={`${boxId} words`}>
          {isStop && <StateMark state="stop" size={18} />} <PhraseText phrase={what} />
        </label>
        <p className="hint">
          <PhraseText phrase={why} />
          {tickedAt !== null && (
            <>
              {' '}
              Ticked <DateTime iso={tickedAt} />; it stays here until it is entered at its place.
            </>
          )}
        </p>
      </div>
      <span className="errand-cost">
        <Amount quantity={{ value: minutes * 60, role: 'minutes' }} />
        {cost !== null && (
          <>
            {' · '}
            <Amount quantity={{ value: cost, role: 'money' }} />
          </>
        )}
      </span>
      <Link className="btn btn-quiet btn-sm" href={remedyHref(remedy)}>
        {remedy.label}
      </Link>
    </li>
  )
}

/** The errands of the day by place, ticked off as they are done. */
export function DayListBench({
  run,
  list,
  logged,
  hasPrices,
}: {
  run: RunOf
  list: DayList
  logged: readonly LoggedTick[]
  hasPrices: boolean
}) {
  const { ticks, tick, untick } = useTicks(run, logged)
  const at = new Map(ticks.map(({ stepId, tickedAt }) => [stepId, tickedAt]))
  const places = workPlaces.filter((place) => list.errands.some((errand) => errand.place === place))
  return (
    <>
      <div className="list-head">
        <p className="big-figure">
          <BigAmount quantity={{ value: list.errands.length, role: 'count' }} />{' '}
          <small>{list.errands.length === 1 ? 'errand' : 'errands'}</small>
        </p>
        <p>
          About <Amount quantity={{ value: list.minutes * 60, role: 'duration' }} /> in all, by common practice
          {list.cost > 0 && (
            <>
              , and <Amount quantity={{ value: list.cost, role: 'money' }} /> for gas at your own prices
            </>
          )}
          . {!hasPrices && <Link href="/fill/cost">Enter prices</Link>}
        </p>
      </div>
      {places.map((place) => (
        <section key={place} aria-label={workPlaceLabels[place]} className="mt-3">
          <h2>{workPlaceLabels[place]}</h2>
          <ul className="errands">
            {list.errands
              .filter((errand) => errand.place === place)
              .map((errand) => (
                <ErrandRow
                  key={errand.id}
                  errand={errand}
                  tickedAt={at.get(errand.id) ?? null}
                  toggle={() => (at.has(errand.id) ? untick(errand.id) : tick(errand.id))}
                />
              ))}
          </ul>
        </section>
      ))}
      {places.length === 0 && <p>Nothing to be done: every finding is fixed or accepted.</p>}
      <p className="hint mt-3">
        A tick is for you. The verdict changes when the weight, the date or the test is entered at its place. Fixed
        piping, regulators inside walls and vessels are a licensed technician’s.
      </p>
    </>
  )
}
