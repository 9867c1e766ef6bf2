'use client'

import { format, parseISO } from 'date-fns'
import { Bar, BarChart, CartesianGrid, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import { formatQuantity, quantityParts } from '@/core/units/formatQuantity'
import { axisTicks, displayedIn } from '@/ui/figures/axis'
import { useUnits } from '@/ui/state/UnitsProvider'
import type { GasTrip } from '@/services/log/gasOfTrips'

const INK = '#17302b'
const BRASS = '#b07a1e'

/** Gas of one trip, day by day. */
export function DayBars({ trip }: { trip: GasTrip }) {
  const { system } = useUnits()
  const data = trip.days.map(({ day, kg }) => ({
    day: format(parseISO(day), 'EEE d'),
    shown: displayedIn({ value: kg, role: 'cylinderMass' }, system),
    words: formatQuantity({ value: kg, role: 'cylinderMass' }, system),
  }))
  const highest = Math.max(0, ...data.map(({ shown }) => shown))
  return (
    <figure className="day-bars" aria-label={`Gas burned by day on ${trip.name}`}>
      <figcaption>
        <strong>
          {trip.name}, {quantityParts({ value: 1, role: 'cylinderMass' }, system).unit} by the day
        </strong>
      </figcaption>
      <ResponsiveContainer width="100%" height={200}>
        <BarChart data={data} margin={{ top: 8, right: 8, bottom: 0, left: 0 }}>
          <CartesianGrid vertical={false} stroke={INK} strokeOpacity={0.15} />
          <XAxis dataKey="day" stroke={INK} tick={{ fill: INK, fontSize: 13 }} />
          <YAxis
            domain={[0, highest]}
            ticks={axisTicks(0, highest, 4)}
            stroke={INK}
            tick={{ fill: INK, fontSize: 13 }}
            width={44}
          />
          <Tooltip formatter={(_, __, { payload }) => [(payload as { words: string }).words, 'burned']} />
          <Bar dataKey="shown" fill={BRASS} stroke={INK} isAnimationActive={false} />
        </BarChart>
      </ResponsiveContainer>
      <ul className="visually-hidden">
        {data.map(({ day, words }) => (
          <li key={day}>
            {day}: {words}
          </li>
        ))}
      </ul>
    </figure>
  )
}
