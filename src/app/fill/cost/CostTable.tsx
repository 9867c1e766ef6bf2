'use client'

import Button from 'react-bootstrap/Button'
import { costFigures } from '@/core/fill/cost/costFigures'
import { fillCosts } from '@/core/fill/cost/fillCosts'
import type { Figure } from '@/core/rules/figure'
import { FigureButton } from '@/ui/figures/FigureButton'
import { wayLabels, type ListedOffer } from './listedOffer'
import { fillLabels } from '@/ui/terms/fillLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

function Cell({ figure, none = '–' }: { figure: Figure | null; none?: string }) {
  return <td className="number">{figure ? <FigureButton figure={figure} /> : none}</td>
}

/** The prices compared, the cheapest first. */
export function CostTable({
  offers,
  residualKg,
  heaterW,
  change,
}: {
  offers: readonly ListedOffer[]
  residualKg: number
  heaterW: number
  change: (id: string) => void
}) {
  if (offers.length === 0) return <p className="mt-3">No prices yet. Add one, or take them from the board below.</p>
  const costs = fillCosts(offers, { residualKg, heaterW })
  return (
    <div className="history table-scroll mt-3" tabIndex={0} role="region" aria-label={fillLabels.pricesCompared}>
      <table>
        <thead>
          <tr>
            <th scope="col">Where</th>
            <th scope="col">How sold</th>
            <th scope="col" className="number">
              By weight gained
            </th>
            <th scope="col" className="number">
              Heat
            </th>
            <th scope="col" className="number">
              An hour
            </th>
            <th scope="col" className="number">
              Handed over
            </th>
            <th scope="col" />
          </tr>
        </thead>
        <tbody>
          {costs.map((cost) => {
            const { perMass, perEnergy, perHour, handedOver } = costFigures(cost, residualKg, heaterW)
            const { id, place, way } = cost.offer
            return (
              <tr key={id}>
                <td>
                  <strong>{place}</strong>
                </td>
                <td>{wayLabels[way]}</td>
                <Cell figure={perMass} none="nothing gained" />
                <Cell figure={perEnergy} />
                <Cell figure={perHour} />
                <Cell figure={handedOver} />
                <td>
                  <Button variant="bare" size="sm" aria-label={`Change ${place}`} onClick={() => change(id)}>
                    {sharedLabels.change}
                  </Button>
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
    </div>
  )
}
