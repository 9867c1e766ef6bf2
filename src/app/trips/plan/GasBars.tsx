import type { SupplyBalance } from '@/core/run/analysis/gasForTrip'
import { gasBars, type BarPiece } from '@/core/run/analysis/gasBars'
import { Amount } from '@/ui/figures/Amount'

function Bar({ name, pieces }: { name: string; pieces: readonly BarPiece[] }) {
  return (
    <div className="bar">
      <span className="bar-name">{name}</span>
      <div className="bar-track">
        {pieces.map((piece) => (
          <span
            key={piece.label}
            className={`piece ${piece.kind}`}
            style={{ width: `${piece.share * 100}%` }}
            title={piece.label}
          >
            <span className="piece-name">{piece.label}</span>
            <b>
              <Amount quantity={piece.quantity} />
            </b>
          </span>
        ))}
      </div>
    </div>
  )
}

/** Gas aboard above, gas burned below, on one scale. */
export function GasBars({ balance, title }: { balance: SupplyBalance; title: string }) {
  const { aboard, burns } = gasBars(balance)
  return (
    <figure
      className="gas-bars"
      aria-label={`${title}: what is aboard against what burns. The sum beside says the same.`}
    >
      <figcaption>{title}</figcaption>
      <Bar name="Aboard" pieces={aboard} />
      <Bar name="Burns" pieces={burns} />
    </figure>
  )
}
