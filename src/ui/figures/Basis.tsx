import { basis } from '@/core/rules/basis/basis'
import type { Figure } from '@/core/rules/figure'
import { Amount } from './Amount'

/** Basis of a figure: formula, inputs, source and provenance. */
export function Basis({ figure }: { figure: Figure }) {
  const entry: (typeof basis)[keyof typeof basis] & { caution?: string } = basis[figure.basis]
  return (
    <div className="basis">
      <p>{entry.formula}</p>
      {figure.inputs.length > 0 && (
        <dl>
          {figure.inputs.map(({ label, quantity }) => (
            <div key={label} style={{ display: 'contents' }}>
              <dt>{label}</dt>
              <dd>
                <Amount quantity={quantity} />
              </dd>
            </div>
          ))}
        </dl>
      )}
      {entry.caution && <p className="caution">{entry.caution}</p>}
      <p>
        {entry.source} <span className="standing">{entry.provenance}</span>
      </p>
    </div>
  )
}
