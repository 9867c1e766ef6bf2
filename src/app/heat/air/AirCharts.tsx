'use client'

import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import { airMarks } from '@/core/shelter/airMarks'
import type { AirMoment } from '@/core/shelter/airModel'
import type { RoomAir } from '@/core/shelter/roomAir'
import { formatQuantity } from '@/core/units/formatQuantity'
import type { DisplayRole } from '@/core/findings/quantity'
import { axisMarks } from '@/ui/axisMarks'
import { shownIn } from '@/ui/shownIn'
import { useUnits } from '@/ui/UnitsProvider'

interface Strip {
  title: string
  role: DisplayRole
  lines: readonly { key: keyof AirMoment; words: string; colour: string; dash?: string }[]
  marks: readonly { at: number; words: string }[]
  /** Least range of the axis, so that a calm night looks calm. */
  from: number
  to: number
}

const INK = '#17302b'
const STOP = '#9c2f1f'
const COLD = '#7a4e08'

const marksOf = (of: 'co2' | 'oxygen') => airMarks.filter((mark) => mark.of === of)

const strips: readonly Strip[] = [
  {
    title: 'CO2',
    role: 'concentration',
    lines: [{ key: 'co2Ppm', words: 'CO2', colour: INK }],
    marks: marksOf('co2'),
    from: 0,
    to: 6000,
  },
  {
    title: 'Oxygen',
    role: 'oxygen',
    lines: [{ key: 'o2Fraction', words: 'oxygen', colour: INK }],
    marks: marksOf('oxygen'),
    from: 0.19,
    to: 0.212,
  },
  {
    title: 'Warmth and wet',
    role: 'temperature',
    lines: [
      { key: 'temperatureK', words: 'air', colour: INK },
      { key: 'glassK', words: 'glass', colour: COLD, dash: '7 5' },
      { key: 'dewPointK', words: 'dew point', colour: STOP, dash: '2 4' },
    ],
    marks: [],
    from: 273.15,
    to: 283.15,
  },
]

const HOUR_S = 3600

/** Three strips over the same hours; the marks that matter are drawn across, with their words. */
export function AirCharts({ air: { series } }: { air: RoomAir }) {
  const { system } = useUnits()
  // A chart of some hours shows no more points than it is wide.
  const every = Math.max(1, Math.ceil(series.length / 240))
  const shown = series.filter((_, i) => i % every === 0 || i === series.length - 1)
  return (
    <div className="air-charts">
      {strips.map(({ title, role, lines, marks, from, to }) => {
        const values = shown.flatMap((moment) => lines.map(({ key }) => moment[key]))
        const low = shownIn({ value: Math.min(from, ...values), role }, system)
        const high = shownIn({ value: Math.max(to, ...values), role }, system)
        const data = shown.map((moment) => ({
          hours: moment.timeS / HOUR_S,
          ...Object.fromEntries(lines.map(({ key }) => [key, shownIn({ value: moment[key], role }, system)])),
          moment,
        }))
        return (
          <figure key={title} aria-label={`${title} over the night; the numbers stand above`}>
            <figcaption>
              <strong>{title}</strong>
              {lines.length > 1 &&
                lines.map(({ key, words, colour, dash }) => (
                  <span key={key}>
                    <svg width="30" height="8" aria-hidden="true">
                      <line x1="0" x2="30" y1="4" y2="4" stroke={colour} strokeWidth="3" strokeDasharray={dash} />
                    </svg>{' '}
                    {words}
                  </span>
                ))}
            </figcaption>
            <ResponsiveContainer width="100%" height={170}>
              <LineChart data={data} margin={{ top: 10, right: 12, bottom: 4, left: 4 }}>
                <CartesianGrid stroke="#dccfae" strokeDasharray="2 4" />
                <XAxis dataKey="hours" type="number" domain={[0, 'dataMax']} tickCount={9} stroke={INK} unit=" h" />
                <YAxis
                  domain={[low, high]}
                  ticks={axisMarks(low, high, 4)}
                  stroke={INK}
                  width={64}
                  tickFormatter={(value: number) => value.toLocaleString('en-US', { maximumFractionDigits: 1 })}
                />
                {marks
                  .map(({ at, words }) => ({ y: shownIn({ value: at, role }, system), words }))
                  .filter(({ y }) => y >= low && y <= high)
                  .map(({ y, words }) => (
                    <ReferenceLine
                      key={words}
                      y={y}
                      stroke={STOP}
                      strokeWidth={2}
                      strokeDasharray="8 5"
                      label={{ value: words, position: 'insideBottomLeft', offset: 5, fill: STOP, fontWeight: 600 }}
                    />
                  ))}
                {lines.map(({ key, words, colour, dash }) => (
                  <Line
                    key={key}
                    dataKey={key}
                    name={words}
                    stroke={colour}
                    strokeWidth={3}
                    {...(dash && { strokeDasharray: dash })}
                    dot={false}
                    isAnimationActive={false}
                  />
                ))}
                <Tooltip
                  content={({ payload }) => {
                    const point = payload?.[0]?.payload as (typeof data)[number] | undefined
                    if (!point) return null
                    return (
                      <div className="chart-tip">
                        <strong>{formatQuantity({ value: point.moment.timeS, role: 'duration' }, system)}</strong>
                        {lines.map(({ key, words }) => (
                          <span key={key}>
                            {words} {formatQuantity({ value: point.moment[key], role }, system)}
                          </span>
                        ))}
                      </div>
                    )
                  }}
                />
              </LineChart>
            </ResponsiveContainer>
          </figure>
        )
      })}
    </div>
  )
}
