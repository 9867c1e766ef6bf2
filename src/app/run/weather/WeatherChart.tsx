'use client'

import { Area, CartesianGrid, ComposedChart, Line, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import type { Forecast } from '@/core/run/weather/forecast'
import { formatTripTime, type TripClock } from '@/core/time/tripClock'
import { weatherBand } from '@/core/run/weather/weatherBand'
import { formatQuantity } from '@/core/units/formatQuantity'
import { axisTicks, displayedIn } from '@/ui/figures/axis'
import { useUnits } from '@/ui/state/UnitsProvider'

const INK = '#17302b'
const DAY_S = 86_400

/** Temperature hour by hour with how far off it may be. */
export function WeatherChart({ forecast, nights, clock }: { forecast: Forecast; nights: number; clock: TripClock }) {
  const { system } = useUnits()
  const degrees = (value: number): number => displayedIn({ value, role: 'temperature' }, system)
  const data = weatherBand(forecast, nights).map((hour) => ({
    ...hour,
    days: hour.timeS / DAY_S,
    mean: degrees(hour.temperatureK),
    band: [degrees(hour.lowK), degrees(hour.highK)],
  }))
  const all = data.flatMap(({ band }) => band)
  const [low, high] = [Math.min(...all), Math.max(...all)]
  return (
    <figure className="weather-chart" aria-label="Temperature outside over the trip, with its spread">
      <ResponsiveContainer width="100%" height={190}>
        <ComposedChart data={data} margin={{ top: 10, right: 12, bottom: 4, left: 0 }}>
          <CartesianGrid stroke="#dccfae" strokeDasharray="2 4" />
          <XAxis
            dataKey="days"
            type="number"
            domain={[0, 'dataMax']}
            ticks={axisTicks(0, nights, 7)}
            stroke={INK}
            unit=" d"
          />
          <YAxis domain={[low, high]} ticks={axisTicks(low, high, 5)} stroke={INK} width={56} unit="°" />
          <Area dataKey="band" stroke="none" fill="#d9a94b" fillOpacity={0.4} isAnimationActive={false} />
          <Line dataKey="mean" stroke={INK} strokeWidth={3} dot={false} isAnimationActive={false} />
          <Tooltip
            content={({ payload }) => {
              const point = payload?.[0]?.payload as (typeof data)[number] | undefined
              if (!point) return null
              return (
                <div className="chart-tip">
                  <strong>{formatTripTime(point.timeS, clock)}</strong>
                  <span>{formatQuantity({ value: point.temperatureK, role: 'temperature' }, system)}</span>
                  <span>wind {formatQuantity({ value: point.windMS, role: 'windSpeed' }, system)}</span>
                </div>
              )
            }}
          />
        </ComposedChart>
      </ResponsiveContainer>
    </figure>
  )
}
