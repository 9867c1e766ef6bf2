import type { FillAccount } from '@/core/fill/fillAccount'
import { Amount, PhraseText } from '@/ui/figures/Amount'
import { fillLabels } from '@/ui/terms/fillLabels'

const byLabels = {
  measured: 'as measured',
  bleeder: 'at the legal level, as it was filled until the bleeder spat',
  metered: 'by what was in it and what the pump metered',
} as const

/** What a fill leaves in the cylinder, an overfill, and numbers that do not agree. */
export function FillCheck({ account }: { account: FillAccount }) {
  const { netKg, by, errorKg, overKg, mismatch } = account
  return (
    <section aria-label={fillLabels.whatIsInItThen} className="mt-3">
      {netKg === null || by === null ? (
        <p className="hint mb-1">
          Not measured, no gallons, no bleeder: what is in it then is not known, and counts as not ready.
        </p>
      ) : (
        <p className="mb-1">
          In it then: <Amount quantity={{ value: netKg, role: 'cylinderMass' }} />, {byLabels[by]}; right within{' '}
          <Amount quantity={{ value: errorKg, role: 'cylinderMass' }} />.
        </p>
      )}
      {overKg !== null && (
        <p className="issue" role="alert">
          Overfilled by <Amount quantity={{ value: overKg, role: 'cylinderMass' }} />. Do not carry, heat or use it:
          hand it back, and have it taken out at the pump.
        </p>
      )}
      {mismatch && (
        <p className="issue" role="alert">
          <PhraseText phrase={mismatch} />
        </p>
      )}
    </section>
  )
}
