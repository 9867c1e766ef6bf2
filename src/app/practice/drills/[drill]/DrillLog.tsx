'use client'

import type { BenchEntry } from '@/core/practice/drills/bench'
import { Amount, PhraseText } from '@/ui/figures/Amount'
import { practiceLabels } from '@/ui/terms/practiceLabels'

/** What was done in a drill and what it showed, the last first. */
export function DrillLog({ log }: { log: readonly BenchEntry[] }) {
  if (log.length === 0) return null
  const [last, ...earlier] = log.map((entry, i) => ({ ...entry, number: i + 1 })).toReversed()
  return (
    <section className="drill-log" aria-label={practiceLabels.whatYouDid}>
      <h2>{practiceLabels.whatYouDid}</h2>
      {last && (
        <p className="last-act" role="status">
          <strong>{last.did}</strong> <PhraseText phrase={last.saw} />
        </p>
      )}
      <ol reversed>
        {earlier.map(({ number, atS, did, saw }) => (
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
