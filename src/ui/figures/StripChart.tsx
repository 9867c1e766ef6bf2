'use client'

import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import type { DisplayRole } from '@/core/base/quantity'
import { formatQuantity } from '@/core/units/formatQuantity'
import { axisTicks, displayedIn } from './axis'
import { useUnits } from '@/ui/state/UnitsProvider'

const INK = '#17302b'
const STOP = '#9c2f1f'
const colors = [INK, '#7a4e08', '#3f5650', STOP]
const dashes = [undefined, '9 5', '2 4', '12 3 2 3']

/** One line of the chart; dash and color follow the order. */
export interface StripLine<Point> {
  words: string
  of: (point: Point) => number | null
}

/** The hours along the foot of a strip. */
export interface ChartFootnote<Point> {
  of: (point: Point) => number
  words: (mark: number) => string
  ticks?: readonly number[]
}

/** Chart over time for one display role: lines, labeled thresholds, and the hovered value. */
export function StripChart<Point extends object>({
  title,
  alt,
  role,
  points,
  foot,
  lines,
  marks = [],
  from,
  to,
  tipOf,
  height = 160,
}: {
  title: string
  /** Where the same can be read without the drawing. */
  alt: string
  role: DisplayRole
  points: readonly Point[]
  foot: ChartFootnote<Point>
  lines: readonly StripLine<Point>[]
  marks?: readonly { at: number; words: string }[]
  /** The axis goes at least from here … */
  from?: number
  /** … to here, so that small changes look small. */
  to?: number
  tipOf: (point: Point) => string
  height?: number
}) {
  const { system } = useUnits()
  const shown = (value: number): number => displayedIn({ value, role }, system)
  const values = points.flatMap((point) => lines.flatMap(({ of }) => of(point) ?? []))
  const low = shown(Math.min(...values, ...(from === undefined ? [] : [from])))
  const high = shown(Math.max(...values, ...(to === undefined ? [] : [to])))
  const data = points.map((point) => ({
    along: foot.of(point),
    point,
    ...Object.fromEntries(
      lines.map(({ of }, i) => {
        const value = of(point)
        return [`line${i}`, value === null ? null : shown(value)]
      }),
    ),
  }))
  return (
    <figure aria-label={`${title}; ${alt}`}>
      <figcaption>
        <strong>{title}</strong>
        {lines.length > 1 &&
          lines.map(({ words }, i) => (
            <span key={words}>
              <svg width="30" height="8" aria-hidden="true">
                <line
                  x1="0"
                  x2="30"
                  y1="4"
                  y2="4"
                  stroke={colors[i % colors.length]}
                  strokeWidth="3"
                  strokeDasharray={dashes[i % dashes.length]}
                />
              </svg>{' '}
              {words}
            </span>
          ))}
      </figcaption>
      <ResponsiveContainer width="100%" height={height}>
        <LineChart data={data} margin={{ top: 10, right: 12, bottom: 4, left: 4 }}>
          <CartesianGrid stroke="#dccfae" strokeDasharray="2 4" />
          <XAxis
            dataKey="along"
            type="number"
            domain={[0, 'dataMax']}
            tickCount={9}
            {...(foot.ticks && { ticks: [...foot.ticks] })}
            tickFormatter={foot.words}
            stroke={INK}
          />
          <YAxis
            domain={[low, high]}
            ticks={axisTicks(low, high, 4)}
            stroke={INK}
            width={64}
            tickFormatter={(value: number) => value.toLocaleString('en-US', { maximumFractionDigits: 1 })}
          />
          {marks
            .map(({ at, words }) => ({ y: shown(at), words }))
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
          {lines.map(({ words }, i) => (
            <Line
              key={words}
              dataKey={`line${i}`}
              name={words}
              stroke={colors[i % colors.length]}
              strokeWidth={3}
              {...(dashes[i % dashes.length] && { strokeDasharray: dashes[i % dashes.length] })}
              dot={false}
              isAnimationActive={false}
            />
          ))}
          <Tooltip
            content={({ payload }) => {
              const { point } = (payload?.[0]?.payload as (typeof data)[number] | undefined) ?? {}
              if (!point) return null
              return (
                <div className="chart-tip">
                  <strong>{tipOf(point)}</strong>
                  {lines.map(({ words, of }) => {
                    const value = of(point)
                    return value === null ? null : (
                      <span key={words}>
                        {words} {formatQuantity({ value, role }, system)}
                      </span>
                    )
                  })}
                </div>
              )
            }}
          />
        </LineChart>
      </ResponsiveContainer>
    </figure>
  )
}
