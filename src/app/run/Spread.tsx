'use client'

import Button from 'react-bootstrap/Button'
import { useWorker } from '@/ui/state/useWorker'
import { WorkerBar } from '@/ui/shell/WorkerBar'
import { formatTripTime, type TripClock } from '@/core/time/tripClock'
import type { TripRunInput } from '@/core/run/simulation/tripRun'
import type { Percentiles, MonteCarloResult } from '@/core/run/analysis/monteCarlo'
import { Amount } from '@/ui/figures/Amount'
import { FigureButton } from '@/ui/figures/FigureButton'
import type { RunWorker } from '@/workers/run.worker'
import { createRunWorker } from '@/workers/threads'
import { runLabels } from '@/ui/terms/runLabels'

const RUNS = 500
const shares = [
  ['p10', 'one in ten'],
  ['p50', 'half of them'],
  ['p90', 'nine in ten'],
] as const satisfies readonly (readonly [keyof Percentiles<number>, string])[]

function Result({ spread, clock }: { spread: MonteCarloResult; clock: TripClock }) {
  const { coarse, fine } = spread
  return (
    <>
      <p className="spread-share">
        <FigureButton
          className="large"
          figure={{
            basis: 'spread',
            quantity: { value: spread.withoutShare, role: 'share' },
            inputs: [{ label: 'Runs', quantity: { value: spread.runs, role: 'count' } }],
          }}
        />{' '}
        <span>of {spread.runs} runs come through without an outage</span>
      </p>
      <table className="spread-table">
        <thead>
          <tr>
            <th scope="col">of the runs</th>
            <th scope="col">burn less than</th>
            <th scope="col">first outage before</th>
          </tr>
        </thead>
        <tbody>
          {shares.map(([key, words]) => {
            const atS = spread.firstOutageS[key]
            return (
              <tr key={key}>
                <th scope="row">{words}</th>
                <td>
                  <FigureButton
                    figure={{
                      basis: 'spread',
                      quantity: { value: spread.usedKg[key], role: 'cylinderMass' },
                      inputs: [],
                    }}
                  />
                </td>
                <td>{atS === null ? 'none' : formatTripTime(atS, clock)}</td>
              </tr>
            )
          })}
        </tbody>
      </table>
      <p className="hint mb-0">
        Steps of <Amount quantity={{ value: coarse.stepS, role: 'minutes' }} />: the plan itself burns{' '}
        <Amount quantity={{ value: coarse.usedKg, role: 'cylinderMass' }} /> by them, and{' '}
        <Amount quantity={{ value: fine.usedKg, role: 'cylinderMass' }} /> in steps of{' '}
        <Amount quantity={{ value: fine.stepS, role: 'minutes' }} />
        {coarse.firstOutageS !== null && fine.firstOutageS !== null && (
          <>
            ; its first outage is {formatTripTime(coarse.firstOutageS, clock)} against{' '}
            {formatTripTime(fine.firstOutageS, clock)}
          </>
        )}
        .
      </p>
    </>
  )
}

/** Many runs with weather and habits off by what they usually are. */
export function Spread({ input }: { input: TripRunInput }) {
  const { work, start, stop } = useWorker<RunWorker, { spread: MonteCarloResult; of: TripRunInput }>(createRunWorker)
  const run = (): void =>
    start(async (worker, tell) => {
      const answer = await worker.spread(input, RUNS, tell)
      return 'value' in answer ? { value: { spread: answer.value, of: input } } : answer
    })
  return (
    <section className="slip spread" aria-label={runLabels.howSureThatIs}>
      <h2>{runLabels.howSureThatIs}</h2>
      <p className="sub">weather and habits are never quite as planned</p>
      {work.share !== null ? (
        <WorkerBar share={work.share} label="Running" stop={stop} />
      ) : (
        <Button variant="quiet" size="sm" onClick={run}>
          Run it {RUNS} times
        </Button>
      )}
      {work.refused && <p className="issue">{work.refused}</p>}
      {work.value && (
        <div className={work.value.of === input && work.share === null ? '' : 'being-redone'}>
          {work.value.of !== input && <p className="hint mb-1">Of the plan before your last change.</p>}
          <Result spread={work.value.spread} clock={input} />
        </div>
      )}
    </section>
  )
}
