'use client'

import { useEffect } from 'react'
import Button from 'react-bootstrap/Button'
import { useWorker } from '@/ui/state/useWorker'
import type { ChangeoverOutcome } from '@/core/run/analysis/compareChangeovers'
import { formatTripTime } from '@/core/time/tripClock'
import type { TripRunInput } from '@/core/run/simulation/tripRun'
import { changeoverLabels } from '@/core/run/runSettings'
import { Amount } from '@/ui/figures/Amount'
import { FigureButton } from '@/ui/figures/FigureButton'
import { useStableValue } from '@/ui/state/useSessionState'
import type { RunWorker } from '@/workers/run.worker'
import { createRunWorker } from '@/workers/threads'
import type { RunEditor } from './useRunEditor'

/** Changes are let come to rest before the ways are tried. */
const REST_MS = 500

/** Comparison of one side, automatic and both open on this trip. */
export function ChangeoverComparison({ editor, input }: { editor: RunEditor; input: TripRunInput }) {
  const { work, start } = useWorker<RunWorker, ChangeoverOutcome[]>(createRunWorker)
  const pair = input.cylinders.filter(({ sourceId, massKg }) => sourceId === 'line' && massKg > 0).length > 1
  const begin = useStableValue((): void => {
    if (pair) start((worker) => worker.changeovers(input, 'line'))
  })
  useEffect(() => {
    const timer = setTimeout(begin, REST_MS)
    return () => clearTimeout(timer)
  }, [input, begin])
  if (!pair || !work.value) return null
  const used = input.sources.find(({ id }) => id === 'line')?.changeover
  return (
    <section className={`schools ${work.share === null ? '' : 'being-redone'}`} aria-label="Ways of using the pair">
      <h3>One side, automatic, or both open</h3>
      <p className="hint mb-1">
        One side keeps a reserve; both open boil on twice the wall, and run out together. On this trip:
      </p>
      <div className="table-scroll" tabIndex={0} role="region" aria-label="Ways of using the pair, side by side">
        <table className="spread-table">
          <thead>
            <tr>
              <th scope="col">way</th>
              <th scope="col">first outage</th>
              <th scope="col">left cold</th>
              <th scope="col">least pressure</th>
              <th scope="col">who gets up</th>
              <th scope="col">
                <span className="visually-hidden">take it</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {work.value.map(({ changeover, firstOutageS, strandedKg, leastGaugePa, getUpAtS }) => (
              <tr key={changeover}>
                <th scope="row">{changeoverLabels[changeover]}</th>
                <td>{firstOutageS === null ? 'none' : formatTripTime(firstOutageS, input)}</td>
                <td>
                  {strandedKg > 0 ? <Amount quantity={{ value: strandedKg, role: 'cylinderMass' }} /> : 'nothing'}
                </td>
                <td>
                  {leastGaugePa === null ? (
                    '–'
                  ) : (
                    <FigureButton
                      figure={{
                        basis: 'pressure-left',
                        quantity: { value: leastGaugePa, role: 'cylinderPressure' },
                        inputs: [],
                      }}
                    />
                  )}
                </td>
                <td>{getUpAtS === null ? 'nobody' : formatTripTime(getUpAtS, input)}</td>
                <td>
                  {changeover === used ? (
                    <span className="hint">as planned</span>
                  ) : (
                    <Button
                      variant="bare"
                      size="sm"
                      aria-label={`Plan it so: ${changeoverLabels[changeover]}`}
                      onClick={() => editor.setSettings({ changeover })}
                    >
                      Plan it so
                    </Button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}
