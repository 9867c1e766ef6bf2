import type { Figure } from '@/core/rules/figure'
import { basisOf } from '@/core/rules/formatFigure'
import { Amount } from './Amount'
import { AssumedText } from './AssumedText'

/** Basis of a figure: formula, inputs, source and provenance. */
export function Basis({ figure }: { figure: Figure }) {
  const entry = basisOf(figure.basis)
  return (
    <div className="basis">
      <p>{entry.formula}</p>
      {figure.inputs.length > 0 && (
        <dl>
          {figure.inputs.map(({ label, quantity, source }) => (
            <div key={label} style={{ display: 'contents' }}>
              <dt>{label}</dt>
              <dd>
                <Amount quantity={quantity} /> <AssumedText source={source} role={quantity.role} />
              </dd>
            </div>
          ))}
        </dl>
      )}
      {entry.range && <p>How far off it may be: {entry.range}</p>}
      {entry.caution && <p className="caution">{entry.caution}</p>}
      <p>
        {entry.source} <span className="standing">{entry.provenance}</span>
      </p>
    </div>
  )
}
