'use client'

import { format, parseISO } from 'date-fns'
import { Link } from '@/ui/shell/Link'
import { useState } from 'react'
import { Amount } from '@/ui/figures/Amount'
import { FigureButton } from '@/ui/figures/FigureButton'
import { DayBars } from './DayBars'
import type { GasTrip, GasOfTrips } from '@/services/log/gasOfTrips'
import { sharedLabels } from '@/ui/terms/sharedLabels'

function Row({ trip, isShown, show }: { trip: GasTrip; isShown: boolean; show: () => void }) {
  const mass = (value: number) => ({ value, role: 'cylinderMass' as const })
  return (
    <tr className={isShown ? 'chosen' : ''}>
      <th scope="row">
        <button type="button" className="btn btn-bare" aria-pressed={isShown} onClick={show}>
          {trip.name}
        </button>
        <span className="hint d-block">{format(parseISO(trip.startDay), 'd MMM yyyy')}</span>
      </th>
      <td>{trip.nights}</td>
      <td>
        <FigureButton figure={{ basis: 'burnt-by-weight', quantity: mass(trip.burnedKg), inputs: [] }} />
        {trip.hasGaps && <span className="hint d-block">at least: a fill hides some</span>}
      </td>
      <td>{trip.plannedKg === null ? 'no verdict kept' : <Amount quantity={mass(trip.plannedKg)} />}</td>
      <td>{trip.plannedKg ? <Amount quantity={{ value: trip.burnedKg / trip.plannedKg, role: 'share' }} /> : '–'}</td>
      <td>
        {trip.costPerNight === null || trip.cost === null ? (
          '–'
        ) : (
          <FigureButton
            figure={{
              basis: 'cost-per-night',
              quantity: { value: trip.costPerNight, role: 'money' },
              inputs: [{ label: sharedLabels.theTrip, quantity: { value: trip.cost, role: 'money' } }],
            }}
          />
        )}
      </td>
    </tr>
  )
}

/** Gas and cost of each trip compared with the plan; one trip day by day. */
export function GasBench({ data: { trips, perKg } }: { data: GasOfTrips }) {
  const [chosenId, setChosenId] = useState<string | null>(null)
  const chosen = trips.find(({ id }) => id === chosenId) ?? trips[0]
  if (!chosen) {
    return (
      <p>
        No trip has begun yet. Once cylinders are weighed before and after one, it stands here: what it burned by the
        day, what a night cost, and how far off the plan was. <Link href="/cylinders">Weigh a cylinder</Link>
      </p>
    )
  }
  return (
    <>
      <DayBars trip={chosen} />
      <div className="table-scroll" tabIndex={0} role="region" aria-label="Gas by trip">
        <table className="gas-table">
          <thead>
            <tr>
              <th scope="col">Trip</th>
              <th scope="col">{sharedLabels.nights}</th>
              <th scope="col">Burned</th>
              <th scope="col">Planned</th>
              <th scope="col">Of the plan</th>
              <th scope="col">A night</th>
            </tr>
          </thead>
          <tbody>
            {trips.map((trip) => (
              <Row key={trip.id} trip={trip} isShown={trip.id === chosen.id} show={() => setChosenId(trip.id)} />
            ))}
          </tbody>
        </table>
      </div>
      <p className="hint">
        By your weighings: what lay between two of them is spread evenly over the days.{' '}
        {perKg === null ? (
          <>
            A fill with what was paid and weighed makes the cost known. <Link href="/fill">To the fill</Link>
          </>
        ) : (
          <>
            Gas at <Amount quantity={{ value: perKg, role: 'pricePerMass' }} />, the mean of your fills.
          </>
        )}
      </p>
    </>
  )
}
