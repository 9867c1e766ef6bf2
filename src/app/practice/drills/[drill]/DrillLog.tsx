'use client'

import type { BenchEntry } from '@/core/practice/drills/bench'
import type { DrillView } from '@/core/practice/drills/drillView'
import { Amount, PhraseText } from '@/ui/figures/Amount'
import { alarmWords } from './BenchReadings'
import { practiceLabels } from '@/ui/terms/practiceLabels'

/** The last thing that was done, what it showed, and what sounds: in view while the buttons are scrolled. */
export function LastAct({ view: { log, alarms } }: { view: DrillView }) {
  const last = log.at(-1)
  return (
    <div role="status" className="last-act">
      {alarms.map((alarm) => (
        <p key={alarm} className="alarm">
          {alarmWords[alarm]}
        </p>
      ))}
      {last ? (
        <p>
          <strong>{last.did}</strong> <PhraseText phrase={last.saw} />
        </p>
      ) : (
        <p>Nothing is done yet.</p>
      )}
    </div>
  )
}

/** What was done in a drill and what it showed, the last first. */
export function DrillLog({ log }: { log: readonly BenchEntry[] }) {
  if (log.length === 0) return null
  const entries = log.map((entry, i) => ({ ...entry, number: i + 1 })).toReversed()
  return (
    <section aria-label={practiceLabels.whatYouDid} className="drill-log">
      <h2>{practiceLabels.whatYouDid}</h2>
      <ol reversed>
        {entries.map(({ number, atS, did, saw }) => (
          <li key={number} value={number}>
            <small>
              <Amount quantity={{ value: atS, role: 'minutes' }} />
            </small>{' '}
            {did}. <PhraseText phrase={saw} />
          </li>
        ))}
      </ol>
    </section>
  )
}
