'use client'

import type { ReactNode } from 'react'
import type { HeaterComparison } from '@/core/heat/heaters/compareHeater'
import type { RoomPlan } from '@/core/heat/room/roomPlan'
import { Amount } from '@/ui/figures/Amount'
import { FigureButton } from '@/ui/figures/FigureButton'
import type { Candidate } from './candidates'
import { FitsHere } from './FitsHere'
import { heatLabels } from '@/ui/terms/heatLabels'

export interface ComparedRow {
  candidate: Candidate
  compared: HeaterComparison
}

const certifiedLabels = { yes: 'yes', no: 'no', 'not-known': 'ask: its plate, the place, your insurer' } as const

function Evenness({ compared: { evenness, offByK } }: { compared: HeaterComparison }) {
  const off = <Amount quantity={{ value: offByK, role: 'temperatureStep' }} />
  if (evenness === 'steady') return <>steady between low and high</>
  if (evenness === 'cycles') return <>too warm by {off} left on low: it is turned on and off</>
  return <>stops short by {off}</>
}

/** Comparison table: one column per heater. */
export function CompareTable({
  rows,
  shelter,
  openM2,
}: {
  rows: readonly ComparedRow[]
  shelter: RoomPlan
  openM2: number
}) {
  const line = (label: string, cell: (row: ComparedRow) => ReactNode) => (
    <tr>
      <th scope="row">{label}</th>
      {rows.map((row) => (
        <td key={row.candidate.id}>{cell(row)}</td>
      ))}
    </tr>
  )
  return (
    <div className="table-scroll" tabIndex={0} role="region" aria-label={heatLabels.heatersCompared}>
      <table className="compare">
        <thead>
          <tr>
            <td />
            {rows.map(({ candidate: { id, name, school } }) => (
              <th key={id} scope="col">
                {name}
                <span className="hint">{school}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {line('Keeps it warm with', ({ compared }) => (
            <FigureButton
              figure={{ basis: 'keep-warm', quantity: { value: compared.keepW, role: 'power' }, inputs: [] }}
            />
          ))}
          {line('Evenness', ({ compared }) => (
            <Evenness compared={compared} />
          ))}
          {line('Warm after', ({ compared }) =>
            compared.warmUpS === null ? (
              'never'
            ) : (
              <FigureButton
                figure={{ basis: 'warm-up-time', quantity: { value: compared.warmUpS, role: 'minutes' }, inputs: [] }}
              />
            ),
          )}
          {line('Gas for such a night', ({ compared }) => (
            <FigureButton
              figure={{ basis: 'gas-burnt', quantity: { value: compared.gasKg, role: 'cylinderMass' }, inputs: [] }}
            />
          ))}
          {line('Gas and wear cost', ({ compared }) =>
            compared.nightCost === null ? (
              'no price of gas'
            ) : (
              <FigureButton
                figure={{
                  basis: 'heater-night-cost',
                  quantity: { value: compared.nightCost, role: 'money' },
                  inputs: [],
                }}
              />
            ),
          )}
          {line('Wants open', ({ candidate, compared }) =>
            candidate.heater.vented ? (
              'nothing: fumes go outside'
            ) : (
              <>
                <FigureButton
                  figure={{ basis: 'area-needed', quantity: { value: compared.openAreaM2, role: 'area' }, inputs: [] }}
                />
                , <Amount quantity={{ value: openM2, role: 'area' }} /> is
              </>
            ),
          )}
          {line('Fits the room', ({ candidate }) => (
            <FitsHere heater={candidate.heater} name={candidate.name} shelter={shelter} />
          ))}
          {line('Certified where you camp', ({ candidate }) => certifiedLabels[candidate.heater.certified])}
          {line('Up to', ({ compared }) =>
            compared.limitM === null ? (
              'its manual says'
            ) : (
              <span className={compared.isAboveLimit ? 'over' : ''}>
                <FigureButton
                  figure={{
                    basis: 'altitude-limit',
                    quantity: { value: compared.limitM, role: 'altitude' },
                    inputs: [],
                  }}
                />
                {compared.isAboveLimit && ': not for this trip'}
              </span>
            ),
          )}
          {line('12 V battery', ({ compared }) =>
            compared.batteryC === null ? (
              'none'
            ) : (
              <FigureButton
                figure={{ basis: 'blower-charge', quantity: { value: compared.batteryC, role: 'charge' }, inputs: [] }}
              />
            ),
          )}
          {line('Asleep with it lit', ({ candidate }) => (candidate.heater.vented ? 'with alarms' : 'no'))}
        </tbody>
      </table>
    </div>
  )
}
