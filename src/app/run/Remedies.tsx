'use client'

import { useEffect } from 'react'
import Button from 'react-bootstrap/Button'
import { useWorker } from '@/ui/state/useWorker'
import { WorkerBar } from '@/ui/shell/WorkerBar'
import { formatTripTime } from '@/core/time/tripClock'
import type { TripRunInput } from '@/core/run/simulation/tripRun'
import type { TripRemedy } from '@/core/run/analysis/tripRemedies'
import { Amount } from '@/ui/figures/Amount'
import { StateMark } from '@/ui/figures/StateMark'
import { useStableValue } from '@/ui/state/useSessionState'
import type { RunWorker } from '@/workers/run.worker'
import { createRunWorker } from '@/workers/threads'
import type { RunEditor } from './useRunEditor'
import { runLabels } from '@/ui/terms/runLabels'

/** Changes are let come to rest before remedies are tried. */
const REST_MS = 350

/** Fixes for the first outage, each simulated, applied by one button. */
export function Remedies({
  editor,
  input,
  fillable,
}: {
  editor: RunEditor
  input: TripRunInput
  fillable: readonly string[]
}) {
  const { work, start, stop } = useWorker<RunWorker, TripRemedy[]>(createRunWorker)
  const isSmall = editor.outlook?.run.outages[0]?.sourceId === 'bottles'
  const begin = useStableValue((): void => start((worker) => worker.remedies(input, fillable)))
  useEffect(() => {
    const timer = setTimeout(begin, REST_MS)
    return () => clearTimeout(timer)
  }, [input, begin])
  return (
    <section className="remedies" aria-label={runLabels.whatWouldMendIt}>
      <h2>{runLabels.whatWouldMendIt}</h2>
      <p className="hint">Each is tried hour by hour; the first ones bring gas through every night.</p>
      {work.share !== null && <WorkerBar share={work.share} label="Trying" stop={stop} />}
      {work.refused && <p className="issue">{work.refused}</p>}
      <ul className={work.share === null ? '' : 'being-redone'}>
        {work.value?.map((remedy) => (
          <li key={remedy.words}>
            <StateMark state={remedy.firstOutageS === null ? 'ready' : 'fix-first'} size={22} />
            <div>
              <strong>{remedy.words}</strong>
              <span className="hint d-block">
                {remedy.firstOutageS === null ? (
                  'no outage left'
                ) : (
                  <>
                    {remedy.removes ? 'mends this one; the next: ' : 'then first '}
                    {formatTripTime(remedy.firstOutageS, input)}
                  </>
                )}
                {' · '}
                <Amount quantity={{ value: remedy.savesKg, role: isSmall ? 'bottleMass' : 'cylinderMass' }} /> less is
                missing
              </span>
            </div>
            <Button
              variant="quiet"
              size="sm"
              aria-label={`Take it: ${remedy.words}`}
              onClick={() => editor.apply(remedy.edit)}
            >
              Take it
            </Button>
          </li>
        ))}
        {work.value?.length === 0 && (
          <li>Nothing of what was tried helps by itself: plan for less, or for a shorter trip.</li>
        )}
      </ul>
      <p className="caution-note mb-0">
        Never warm a cylinder with a flame and never wrap it. Never count on a bottle that is not made to be refilled.
      </p>
    </section>
  )
}
