'use client'

import type { RigDiagnosis } from '@/core/practice/diagnosis/diagnoseRig'

const SHOWN = 5
const LEAST = 0.01

const percent = (share: number): string => (share < 0.01 ? 'under 1 %' : `${Math.round(share * 100)} %`)

/** What it may be, most likely first. */
export function FaultRanking({ found }: { found: RigDiagnosis }) {
  return (
    <section aria-label="What it may be">
      <h2>What it may be</h2>
      <ol className="fault-ranking">
        {found.ranked
          .slice(0, SHOWN)
          .filter(({ probability }, i) => i === 0 || probability >= LEAST)
          .map(({ faults, probability }) => (
            <li key={faults.map(({ kind, place }) => `${kind} ${place.at}`).join(' ')}>
              <span className="bar" style={{ width: `${Math.max(2, probability * 100)}%` }} aria-hidden="true" />
              <span className="words">
                {faults.map(({ label, place }) => (
                  <span key={`${label} ${place.at}`}>
                    {label} <small>{place.name}</small>
                  </span>
                ))}
              </span>
              <span className="chance">{percent(probability)}</span>
            </li>
          ))}
      </ol>
      <p className="hint">Shares come from how often such faults happen (common practice) and from your answers.</p>
    </section>
  )
}
