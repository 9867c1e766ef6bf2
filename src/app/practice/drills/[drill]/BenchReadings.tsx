'use client'

import type { DrillView } from '@/core/practice/drills/drillView'
import { Amount } from '@/ui/figures/Amount'

const whereabouts = { inside: 'inside', outside: 'outside', away: '330 ft (100 m) away' } as const

/** Alarms as they are heard. */
export const alarmWords = {
  gas: 'The gas alarm sounds',
  co: 'The CO alarm sounds: four beeps and a pause',
  chirp: 'One chirp a minute',
} as const

/** What anybody on the rig sees, hears and smells without doing anything. */
export function BenchReadings({ view }: { view: DrillView }) {
  const { timeS, gasKg, outsideK, roomK, people, alarms, smell, flames } = view
  return (
    <section className="bench-readings" aria-label="The rig now">
      <div role="status" aria-live="polite">
        {alarms.map((alarm) => (
          <p key={alarm} className="alarm">
            {alarmWords[alarm]}
          </p>
        ))}
        {smell !== 'none' && <p className="alarm">A {smell} smell of gas near the floor</p>}
      </div>
      <dl>
        <div>
          <dt>Time</dt>
          <dd>
            <Amount quantity={{ value: timeS, role: 'minutes' }} />
          </dd>
        </div>
        <div>
          <dt>Gas used</dt>
          <dd>
            <Amount quantity={{ value: gasKg, role: 'bottleMass' }} />
          </dd>
        </div>
        <div>
          <dt>Inside</dt>
          <dd>
            <Amount quantity={{ value: roomK, role: 'temperature' }} />
          </dd>
        </div>
        <div>
          <dt>Outside</dt>
          <dd>
            <Amount quantity={{ value: outsideK, role: 'temperature' }} />
          </dd>
        </div>
        <div>
          <dt>People</dt>
          <dd>{whereabouts[people]}</dd>
        </div>
        {flames.map(({ partId, name, words }) => (
          <div key={partId}>
            <dt>{name}</dt>
            <dd>{words}</dd>
          </div>
        ))}
      </dl>
    </section>
  )
}
