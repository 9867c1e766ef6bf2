'use client'

import dynamic from 'next/dynamic'
import type { Debrief } from '@/core/practice/drills/debrief'
import type { DrillView } from '@/core/practice/drills/drillView'
import { Amount } from '@/ui/figures/Amount'
import { StateMark } from '@/ui/figures/StateMark'
import { Link } from '@/ui/shell/Link'
import { practiceLabels } from '@/ui/terms/practiceLabels'

const DrillChart = dynamic(() => import('./DrillChart').then((found) => found.DrillChart), { ssr: false })

const heads = { good: 'A good end', bad: 'A bad end', open: 'Ended before it was done' } as const

/** What the rig did, what an expert would have done first, and why. */
export function DrillDebrief({
  view,
  debrief,
  lineId,
  saved,
  issue,
}: {
  view: DrillView
  debrief: Debrief
  /** Line of the owner whose parts are linked; null on a sample rig. */
  lineId: string | null
  saved: boolean
  issue: string | null
}) {
  const { result, badEnd, missing, mistakes, faults, expert, reasons, minutes, expertMinutes, gasKg, expertGasKg } =
    debrief
  return (
    <section className="debrief" aria-label={practiceLabels.debrief}>
      <div className={`verdict ${result === 'good' ? 'ready' : result === 'bad' ? 'stop' : ''}`}>
        <StateMark state={result === 'good' ? 'ready' : result === 'bad' ? 'stop' : 'fix-first'} size={44} />
        <div>
          <strong>{heads[result]}</strong>
          {badEnd && <p>{badEnd}</p>}
          {result === 'open' && missing.length > 0 && <p>Missing: {missing.join(' ')}</p>}
          {mistakes.length > 0 && <p>On the way: {mistakes.join(' ')}</p>}
        </div>
      </div>
      {faults.length > 0 && (
        <p>
          What was wrong:{' '}
          {faults.map(({ label, place, partId }, i) => (
            <span key={`${label} ${place}`}>
              {i > 0 && ', '}
              <strong>{label}</strong> (
              {lineId ? (
                <Link href={`/hookup?${new URLSearchParams({ line: lineId, about: partId })}`}>{place}</Link>
              ) : (
                place
              )}
              )
            </span>
          ))}
        </p>
      )}
      <h2>What an expert does, in this order</h2>
      <ol className="expert">
        {expert.map(({ text, shows }, i) => (
          <li key={`${i} ${text}`}>
            {text} {shows && <small>{shows}</small>}
          </li>
        ))}
      </ol>
      <ul>
        {reasons.map((reason) => (
          <li key={reason}>{reason}</li>
        ))}
      </ul>
      <p>
        You took <Amount quantity={{ value: minutes * 60, role: 'minutes' }} /> and{' '}
        <Amount quantity={{ value: gasKg, role: 'bottleMass' }} /> of gas. An expert takes about{' '}
        <Amount quantity={{ value: expertMinutes * 60, role: 'minutes' }} /> and{' '}
        <Amount quantity={{ value: expertGasKg, role: 'bottleMass' }} />. Being fast counts for nothing where care is
        needed.
      </p>
      {view.series.length > 2 && <DrillChart series={view.series} />}
      <p className="save-line">
        <Link className="btn btn-primary" href={`/practice/drills/${view.id}?seed=${view.seed + 1}`}>
          {practiceLabels.anotherVersion}
        </Link>
        <Link className="btn btn-quiet" href="/practice/drills">
          All drills
        </Link>
        <span role="status" className="word-state">
          {saved ? 'The result is in your logbook.' : issue}
        </span>
      </p>
    </section>
  )
}
