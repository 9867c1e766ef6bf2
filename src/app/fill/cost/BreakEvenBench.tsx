'use client'

import { breakEvenFills } from '@/core/fill/cost/breakEvenFills'
import { fillCosts } from '@/core/fill/cost/fillCosts'
import { fromUnit } from '@/core/units/convert'
import type { Figure } from '@/core/rules/figure'
import { BigFigure } from '@/ui/figures/FigureText'
import { FigureButton } from '@/ui/figures/FigureButton'
import { QuantityField } from '@/ui/fields/QuantityField'
import { nothingTyped, readQuantity } from '@/ui/fields/typedQuantity'
import { useSessionState } from '@/ui/state/useSessionState'
import type { ListedOffer } from './listedOffer'
import { fillLabels } from '@/ui/terms/fillLabels'

const BOTTLE_KG = fromUnit(16.4, 'mass', 'oz')

/** After how many fills a refillable bottle has paid for itself, at the prices above. */
export function BreakEvenBench({ offers }: { offers: readonly ListedOffer[] }) {
  const [outlay, setOutlay] = useSessionState('break-even outlay', nothingTyped)
  const read = readQuantity(outlay, 'money')
  const bottle = offers.filter(({ way }) => way === 'bottles').toSorted((a, b) => a.price - b.price)[0]
  const bulk = fillCosts(
    offers.filter(({ way }) => way === 'by-volume' || way === 'by-weight'),
    { residualKg: 0, heaterW: 1 },
  )[0]
  const result =
    bottle && bulk?.perKg && read.value !== null && read.value >= 0
      ? breakEvenFills(read.value, bottle.price, bottle.containsKg ?? BOTTLE_KG, bulk.perKg)
      : null
  const figure: Figure | null =
    result && result.fills !== null && bottle && bulk?.perKg
      ? {
          basis: 'break-even',
          quantity: { value: result.fills, role: 'count' },
          inputs: [
            { label: 'Bottle and adapter', quantity: { value: read.value ?? 0, role: 'money' } },
            { label: fillLabels.throwAwayBottle, quantity: { value: bottle.price, role: 'money' } },
            { label: 'Bulk gas', quantity: { value: bulk.perKg, role: 'pricePerMass' } },
            { label: 'Saved each time', quantity: { value: result.savedPerFill, role: 'money' } },
          ],
        }
      : null
  return (
    <section className="break-even mt-4" aria-label={fillLabels.whenARefillableBottlePays}>
      <h2>{fillLabels.whenARefillableBottlePays}</h2>
      <div className="fields narrow">
        <QuantityField
          label={fillLabels.bottleAndAdapterTogether}
          role="money"
          typed={outlay}
          onTyped={setOutlay}
          hint="against the cheapest throw-away bottle and the cheapest bulk gas above"
          issue={read.value !== null && read.value < 0 ? 'An outlay cannot be less than zero.' : null}
        />
        <div aria-live="polite">
          {(!bottle || !bulk) && <p className="hint">Wants a price of a throw-away bottle and one of bulk gas.</p>}
          {figure && (
            <p className="mb-0">
              Paid for after{' '}
              <span className="large">
                <FigureButton figure={figure}>
                  <BigFigure figure={figure} />
                </FigureButton>
              </span>{' '}
              fills
            </p>
          )}
          {result && result.fills === null && (
            <p>Never, at these prices: bulk gas costs more than the throw-away bottle.</p>
          )}
        </div>
      </div>
    </section>
  )
}
