import { Link } from '@/ui/shell/Link'
import type { InputError } from '@/core/base/InputError'
import type { SupplyBalance } from '@/core/run/analysis/gasForTrip'
import type { ApplianceUse } from '@/core/run/tripPlan'
import { TaughtText } from '@/app/shared/TaughtText'
import { Amount } from '@/ui/figures/Amount'
import { QuantityField } from '@/ui/fields/QuantityField'
import { isByHabit, type KeptPlan, type TripFormAppliance } from './tripForm'
import { nothingTyped, type TypedQuantity } from '@/ui/fields/typedQuantity'

/** Hours of each appliance in a day and night, and what it burns over the trip. */
export function ApplianceHours({
  appliances,
  balances,
  hours,
  uses,
  kept,
  refusal,
  onTyped,
}: {
  appliances: readonly TripFormAppliance[]
  balances: readonly SupplyBalance[]
  hours: Readonly<Record<string, TypedQuantity>>
  uses: readonly ApplianceUse[]
  kept: KeptPlan
  refusal: InputError | null
  onTyped: (id: string, typed: TypedQuantity) => void
}) {
  const refusedAt = (id: string): string | null => {
    const path = `uses.${uses.findIndex((use) => use.id === id)}.burnPerDayS`
    return refusal?.issues.find((issue) => issue.path === path)?.message ?? null
  }
  return (
    <section aria-label="Hours of burning">
      <h2>Hours a day, burning at full</h2>
      {appliances.map(({ id, name, inputW, supply }) => {
        const balance = balances.find((candidate) => candidate.supply === supply)
        const burned = balance?.uses.find(({ use }) => use.id === id)
        const gasKg = burned?.gasKg
        const planned = burned?.use
        return (
          <div className="use-row" key={id}>
            <p>
              <strong>{name}</strong>
              <span className="hint d-block">
                <Amount quantity={{ value: inputW, role: 'power' }} />
                {supply === 'bottles' && ', on a bottle'}
              </span>
            </p>
            {isByHabit(kept, id) ? (
              <Link href="/run/habits" className="by-habit">
                {planned ? <Amount quantity={{ value: planned.burnPerDayS, role: 'duration' }} /> : 'not known'} by
                habit
              </Link>
            ) : (
              <QuantityField
                compact
                quiet
                label={`Hours a day, ${name}`}
                role="duration"
                typed={hours[id] ?? nothingTyped}
                issue={refusedAt(id)}
                onTyped={(typed) => onTyped(id, typed)}
              />
            )}
            <span className="burnt">
              {gasKg !== undefined && (
                <Amount quantity={{ value: gasKg, role: supply === 'bottles' ? 'bottleMass' : 'cylinderMass' }} />
              )}
            </span>
            <TaughtText taught={planned?.taught} />
          </div>
        )
      })}
      {appliances.length === 0 && <p>No appliances yet.</p>}
      <p className="mt-2 mb-0">
        <Link href="/run/habits">Add or change an appliance, or say when it burns</Link>
      </p>
    </section>
  )
}
