'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { NightRibbon } from '@/core/run/analysis/nightRibbons'
import type { RunOutlook } from '@/core/run/simulation/runOutlook'
import { runCsv } from '@/core/run/analysis/runCsv'
import { Amount } from '@/ui/figures/Amount'
import { runLabels } from '@/ui/terms/runLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Hands a text over as a file. */
function hand(text: string, name: string): void {
  const address = URL.createObjectURL(new Blob([text], { type: 'text/csv' }))
  const link = document.createElement('a')
  link.href = address
  link.download = name
  link.click()
  URL.revokeObjectURL(address)
}

/** The same hours as a table, and as a file. */
export function HoursTable({ outlook, ribbons }: { outlook: RunOutlook; ribbons: readonly NightRibbon[] }) {
  // A year has 8,784 hours, so rows are rendered only when opened.
  const [open, setOpen] = useState(false)
  const { run, input, trip } = outlook
  const names = new Map(input.cylinders.map(({ id, name }) => [id, name || id]))
  return (
    <details className="hours-table" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>{runLabels.theHoursAsATable}</summary>
      <Button variant="quiet" size="sm" onClick={() => hand(runCsv(run, input, names), `${trip.startDay}-run.csv`)}>
        {runLabels.takeItAlongAsCsv}
      </Button>
      <div className="table-scroll" tabIndex={0} role="region" aria-label={runLabels.hoursOfTheTrip}>
        <table>
          <thead>
            <tr>
              <th scope="col">Hour</th>
              <th scope="col">State</th>
              <th scope="col">{sharedLabels.outside}</th>
              <th scope="col">Inside</th>
              <th scope="col">Wanted</th>
              <th scope="col">Pressure</th>
              <th scope="col">Frost</th>
              <th scope="col">Gas left, all</th>
              <th scope="col">Battery</th>
            </tr>
          </thead>
          <tbody>
            {(open ? ribbons : []).flatMap(({ hours }) =>
              hours.map((hour) => (
                <tr key={hour.fromS} className={hour.state}>
                  <th scope="row">{hour.words}</th>
                  <td>{hour.causes.length > 0 ? hour.causes.join(', ') : hour.state}</td>
                  <td>
                    <Amount quantity={{ value: hour.outsideK, role: 'temperature' }} />
                  </td>
                  <td>
                    {hour.roomK === null ? '–' : <Amount quantity={{ value: hour.roomK, role: 'temperature' }} />}
                  </td>
                  <td>
                    <Amount quantity={{ value: hour.wantedW, role: 'power' }} />
                  </td>
                  <td>
                    <Amount quantity={{ value: hour.gaugePa, role: 'cylinderPressure' }} />
                  </td>
                  <td>{hour.frosted ? 'frost' : '–'}</td>
                  <td>
                    <Amount quantity={{ value: hour.massKg, role: 'cylinderMass' }} />
                  </td>
                  <td>
                    {hour.batteryShare === null ? (
                      '–'
                    ) : (
                      <Amount quantity={{ value: hour.batteryShare, role: 'share' }} />
                    )}
                  </td>
                </tr>
              )),
            )}
          </tbody>
        </table>
      </div>
    </details>
  )
}
