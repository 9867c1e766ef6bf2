import { Amount } from '@/ui/figures/Amount'

/** Drawing units for a meter of column, and half the tube’s height. */
const PER_M = 520
const HALF = 108
const SPAN_M = HALF / PER_M

/** Height of a surface in the drawing, a tenth of a unit being finer than the eye. */
const heightOf = (overMiddleM: number): number =>
  Math.round((130 - Math.max(-SPAN_M, Math.min(SPAN_M, overMiddleM)) * PER_M) * 10) / 10

/** The U-tube with both its columns; the reading is their difference. */
export function UTube({ openM, gasM, gaugePa, live }: { openM: number; gasM: number; gaugePa: number; live: boolean }) {
  // Centered on the readings, at any zero mark.
  const middle = (openM + gasM) / 2
  const open = heightOf(openM - middle)
  const gas = heightOf(gasM - middle)
  return (
    <figure className="drawing u-tube mb-0">
      <svg viewBox="0 0 220 290" role="img" aria-label="U-tube with its open column and the column on the gas’s side">
        <path className="glass" d="M70 16V210a40 40 0 0 0 80 0V16" />
        <path className="water" d={`M70 ${gas}V210a40 40 0 0 0 80 0V${open}`} />
        <path className="glass-edge" d="M56 10V210a54 54 0 0 0 108 0V10M84 10V210a26 26 0 0 0 52 0V10" />
        <path className="zero" d="M40 130H180" />
        <path className="reach" d={`M196 ${open}V${gas}M190 ${open}h12M190 ${gas}h12`} />
        <text x="70" y="284" textAnchor="middle">
          gas
        </text>
        <text x="150" y="284" textAnchor="middle">
          open
        </text>
      </svg>
      <figcaption>
        {live ? 'live: ' : ''}
        <strong>
          <Amount quantity={{ value: gaugePa, role: 'linePressure' }} />
        </strong>
        the difference of the two columns
      </figcaption>
    </figure>
  )
}
