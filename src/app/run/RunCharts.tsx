'use client'

import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import type { DisplayRole } from '@/core/findings/quantity'
import { momentWords } from '@/core/running/momentWords'
import type { RunOutlook } from '@/core/running/runOutlook'
import type { TripMoment } from '@/core/running/tripRun'
import { formatQuantity } from '@/core/units/formatQuantity'
import { axisMarks } from '@/ui/axisMarks'
import { shownIn } from '@/ui/shownIn'
import { useUnits } from '@/ui/UnitsProvider'

const INK = '#17302b'
const STOP = '#9c2f1f'
const dashes = [undefined, '9 5', '2 4', '12 3 2 3']
const colours = [INK, '#7a4e08', '#3f5650', STOP]
const DAY_S = 86_400
/** A chart is no wider than so many points. */
const POINTS = 260

interface Strip {
  title: string
  role: DisplayRole
  lines: readonly { words: string; of: (moment: TripMoment) => number | null }[]
  mark: { at: number; words: string } | null
}

function stripsOf({ run, input }: RunOutlook, sourceId: string): Strip[] {
  const at = run.sources.findIndex(({ id }) => id === sourceId)
  const source = run.sources[at]
  const mine = run.cylinders.flatMap(({ id }, i) => {
    const cylinder = input.cylinders.find((one) => one.id === id)
    // One that counts as empty all along is no line worth drawing.
    const holds = run.series.some(({ cylinders }) => (cylinders[i]?.massKg ?? 0) > 0)
    return cylinder?.sourceId === sourceId && holds ? [{ i, name: cylinder.name || id }] : []
  })
  const small = sourceId === 'bottles'
  return [
    {
      title: 'Pressure before the regulator',
      role: 'cylinderPressure',
      lines: [{ words: 'in use', of: ({ sources }) => sources[at]?.gaugePa ?? null }],
      mark: source ? { at: source.needGaugePa, words: 'what the regulator needs' } : null,
    },
    {
      title: 'Gas in the cylinders',
      role: small ? 'bottleMass' : 'cylinderMass',
      lines: mine.map(({ i, name }) => ({ words: name, of: ({ cylinders }) => cylinders[i]?.massKg ?? null })),
      mark: null,
    },
    {
      title: 'Outside, inside, and the liquid in the cylinder',
      role: 'temperature',
      lines: [
        { words: 'outside', of: ({ outsideK }) => outsideK },
        ...(run.series[0]?.roomK === null ? [] : [{ words: 'room', of: ({ roomK }: TripMoment) => roomK }]),
        ...mine.slice(0, 1).map(({ i, name }) => ({
          words: `liquid in ${name}`,
          of: (m: TripMoment) => m.cylinders[i]?.temperatureK ?? null,
        })),
      ],
      mark: null,
    },
  ]
}

/** Three strips over the whole trip, with what one points at in words. */
export function RunCharts({ outlook, sourceId }: { outlook: RunOutlook; sourceId: string }) {
  const { system } = useUnits()
  const { series } = outlook.run
  const every = Math.max(1, Math.ceil(series.length / POINTS))
  const shown = series.filter((_, i) => i % every === 0 || i === series.length - 1)
  return (
    <div className="air-charts">
      {stripsOf(outlook, sourceId).map(({ title, role, lines, mark }) => {
        const data = shown.map((moment) => ({
          days: moment.timeS / DAY_S,
          moment,
          ...Object.fromEntries(
            lines.map(({ of }, i) => {
              const value = of(moment)
              return [`line${i}`, value === null ? null : shownIn({ value, role }, system)]
            }),
          ),
        }))
        const values = shown.flatMap((moment) => lines.flatMap(({ of }) => of(moment) ?? []))
        const floor = role === 'temperature' ? Math.min(...values) : 0
        const low = shownIn({ value: floor, role }, system)
        const high = shownIn({ value: Math.max(...values, mark?.at ?? floor), role }, system)
        return (
          <figure key={title} aria-label={`${title} over the trip; the table below says the same`}>
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
                        stroke={colours[i % 4]}
                        strokeWidth="3"
                        strokeDasharray={dashes[i % 4]}
                      />
                    </svg>{' '}
                    {words}
                  </span>
                ))}
            </figcaption>
            <ResponsiveContainer width="100%" height={150}>
              <LineChart data={data} margin={{ top: 10, right: 12, bottom: 4, left: 4 }}>
                <CartesianGrid stroke="#dccfae" strokeDasharray="2 4" />
                <XAxis
                  dataKey="days"
                  type="number"
                  domain={[0, 'dataMax']}
                  ticks={axisMarks(0, outlook.trip.nights, Math.min(7, outlook.trip.nights))}
                  tickFormatter={(days: number) => (days === 0 ? 'start' : `${days} d`)}
                  stroke={INK}
                />
                <YAxis
                  domain={[low, high]}
                  ticks={axisMarks(low, high, 4)}
                  stroke={INK}
                  width={56}
                  tickFormatter={(value: number) => value.toLocaleString('en-US', { maximumFractionDigits: 1 })}
                />
                {mark && (
                  <ReferenceLine
                    y={shownIn({ value: mark.at, role }, system)}
                    stroke={STOP}
                    strokeWidth={2}
                    strokeDasharray="8 5"
                    label={{ value: mark.words, position: 'insideBottomLeft', offset: 5, fill: STOP, fontWeight: 600 }}
                  />
                )}
                {lines.map(({ words }, i) => (
                  <Line
                    key={words}
                    dataKey={`line${i}`}
                    name={words}
                    stroke={colours[i % 4]}
                    strokeWidth={3}
                    {...(dashes[i % 4] && { strokeDasharray: dashes[i % 4] })}
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
                        <strong>{momentWords(point.moment.timeS, outlook.input.startISO)}</strong>
                        {lines.map(({ words, of }) => {
                          const value = of(point.moment)
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
      })}
    </div>
  )
}
