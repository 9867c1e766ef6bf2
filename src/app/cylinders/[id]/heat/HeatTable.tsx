'use client'

import type { HeatCurve } from '@/core/cylinders/contents/heatCurve'
import { Amount } from '@/ui/figures/Amount'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'

const EVERY = 10

/** The same as numbers, every twenty degrees. */
export function HeatTable({ curve }: { curve: HeatCurve }) {
  const rows = curve.points.filter((_, i) => i % EVERY === 0)
  return (
    <details className="table-scroll">
      <summary>{cylindersLabels.asATable}</summary>
      <table>
        <thead>
          <tr>
            <th scope="col">Temperature</th>
            <th scope="col" className="number">
              Pressure
            </th>
            <th scope="col" className="number">
              Level
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ temperatureK, gaugePa, liquidFraction }) => (
            <tr key={temperatureK}>
              <td>
                <Amount quantity={{ value: temperatureK, role: 'temperature' }} />
              </td>
              <td className="number">
                <Amount quantity={{ value: gaugePa, role: 'cylinderPressure' }} />
              </td>
              <td className="number">
                {liquidFraction === null ? '–' : <Amount quantity={{ value: liquidFraction, role: 'share' }} />}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  )
}
