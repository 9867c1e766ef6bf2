'use client'

import { CartesianGrid, ComposedChart, Line, ReferenceLine, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import type { HeatFigures } from '@/core/cylinders/contents/heatFigures'
import { displayRoles, type UnitSystem } from '@/core/units/displayRoles'
import { formatQuantity } from '@/core/units/formatQuantity'
import { unitOf } from '@/core/units/unitTable'
import { axisTicks, displayedIn } from '@/ui/figures/axis'
import { useUnits } from '@/ui/state/UnitsProvider'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'

const INK = '#17302b'
const STOP = '#9c2f1f'
const BRASS = '#7a4e08'
const LIQUID = '#23573f'

function symbolOf(role: 'temperature' | 'cylinderPressure', system: UnitSystem): string {
  const shown = displayRoles[role]
  return shown.dimension === null ? '' : unitOf(shown.dimension, shown[system].unit).symbol
}

/** Chart of pressure and level with labeled limits. */
export function HeatChart({ figures, hotK }: { figures: HeatFigures; hotK: number }) {
  const { system } = useUnits()
  const { curve, relief, fiveQuarters } = figures
  const data = curve.points.map(({ temperatureK, gaugePa, liquidFraction }) => ({
    temperature: displayedIn({ value: temperatureK, role: 'temperature' }, system),
    pressure: displayedIn({ value: Math.max(gaugePa, 0), role: 'cylinderPressure' }, system),
    level: liquidFraction === null ? null : liquidFraction * 100,
    temperatureK,
    gaugePa,
  }))
  const at = (kelvin: number): number => displayedIn({ value: kelvin, role: 'temperature' }, system)
  const press = (pa: number): number => displayedIn({ value: pa, role: 'cylinderPressure' }, system)
  const top = press(relief.gaugePa) * 1.25
  const from = data[0]?.temperature ?? 0
  const to = data.at(-1)?.temperature ?? 1
  return (
    <figure className="heat-chart" aria-label="Pressure and level against temperature; the table below has the numbers">
      <ResponsiveContainer width="100%" height={340}>
        <ComposedChart data={data} margin={{ top: 24, right: 16, bottom: 24, left: 8 }}>
          <CartesianGrid stroke="#dccfae" strokeDasharray="2 4" />
          <XAxis
            dataKey="temperature"
            type="number"
            domain={[from, to]}
            ticks={axisTicks(from, to)}
            stroke={INK}
            label={{
              value: `temperature, ${symbolOf('temperature', system)}`,
              position: 'insideBottom',
              offset: -14,
              fill: INK,
            }}
          />
          <YAxis
            yAxisId="pressure"
            domain={[0, top]}
            ticks={axisTicks(0, top)}
            allowDataOverflow
            stroke={INK}
            width={56}
            tickFormatter={(value: number) => String(Math.round(value * 10) / 10)}
            label={{
              value: symbolOf('cylinderPressure', system),
              position: 'insideTopLeft',
              dy: -22,
              dx: 18,
              fill: INK,
            }}
          />
          <YAxis
            yAxisId="level"
            orientation="right"
            domain={[0, 125]}
            ticks={[0, 25, 50, 75, 100]}
            stroke={LIQUID}
            width={52}
            unit=" %"
          />
          <ReferenceLine
            yAxisId="pressure"
            y={press(relief.gaugePa)}
            stroke={STOP}
            strokeWidth={2}
            strokeDasharray="8 5"
            label={{
              value: relief.device === 'disc' ? cylindersLabels.burstDiscGoes : 'relief valve opens',
              position: 'insideTopLeft',
              dy: -20,
              fill: STOP,
              fontWeight: 600,
            }}
          />
          {fiveQuarters && (
            <ReferenceLine
              yAxisId="pressure"
              y={press(fiveQuarters.quantity.value)}
              stroke={BRASS}
              strokeDasharray="3 4"
              label={{ value: cylindersLabels.n54OfServicePressure, position: 'insideTopLeft', dy: -20, fill: BRASS }}
            />
          )}
          <ReferenceLine
            yAxisId="pressure"
            x={at(hotK)}
            stroke={BRASS}
            strokeDasharray="3 4"
            label={{ value: 'hot car', position: 'insideBottomLeft', angle: -90, dx: 12, dy: -14, fill: BRASS }}
          />
          {curve.liquidFullK !== null && at(curve.liquidFullK) <= to && (
            <ReferenceLine
              yAxisId="pressure"
              x={at(curve.liquidFullK)}
              stroke={STOP}
              label={{ value: 'liquid-full', position: 'insideTopLeft', angle: -90, dx: 12, dy: 96, fill: STOP }}
            />
          )}
          <Line
            yAxisId="level"
            dataKey="level"
            stroke={LIQUID}
            strokeWidth={2}
            strokeDasharray="7 5"
            dot={false}
            isAnimationActive={false}
            name="level"
          />
          <Line
            yAxisId="pressure"
            dataKey="pressure"
            stroke={INK}
            strokeWidth={3.5}
            dot={false}
            isAnimationActive={false}
            name="pressure"
          />
          <Tooltip
            content={({ payload }) => {
              const point = payload?.[0]?.payload as (typeof data)[number] | undefined
              if (!point) return null
              return (
                <div className="chart-tip">
                  <strong>{formatQuantity({ value: point.temperatureK, role: 'temperature' }, system)}</strong>
                  <span>{formatQuantity({ value: point.gaugePa, role: 'cylinderPressure' }, system)}</span>
                  <span>
                    {point.level === null ? 'no telling liquid from vapor' : `${Math.round(point.level)} % liquid`}
                  </span>
                </div>
              )
            }}
          />
        </ComposedChart>
      </ResponsiveContainer>
      <figcaption>
        <span className="key-pressure">pressure, as a gauge shows it</span>{' '}
        <span className="key-level">level of the liquid</span>
      </figcaption>
    </figure>
  )
}
