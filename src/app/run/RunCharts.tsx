'use client'

import type { DisplayRole } from '@/core/base/quantity'
import { formatTripTime } from '@/core/time/tripClock'
import type { RunOutlook } from '@/core/run/simulation/runOutlook'
import type { TripMoment } from '@/core/run/simulation/tripRun'
import { axisTicks } from '@/ui/figures/axis'
import { StripChart, type StripLine } from '@/ui/figures/StripChart'

const DAY_S = 86_400
/** Most points of a chart. */
const POINTS = 260

interface Strip {
  title: string
  role: DisplayRole
  lines: readonly StripLine<TripMoment>[]
  marks: readonly { at: number; words: string }[]
  /** Axes of amounts start at 0; axes of temperatures do not. */
  from?: number
  to?: number
}

function stripsOf({ run, input }: RunOutlook, sourceId: string): Strip[] {
  const at = run.sources.findIndex(({ id }) => id === sourceId)
  const need = run.sources[at]?.needGaugePa ?? 0
  const mine = run.cylinders.flatMap(({ id }, i) => {
    const cylinder = input.cylinders.find((one) => one.id === id)
    // A cylinder that is empty all the time is not drawn.
    const holds = run.series.some(({ cylinders }) => (cylinders[i]?.massKg ?? 0) > 0)
    return cylinder?.sourceId === sourceId && holds ? [{ i, name: cylinder.name || id }] : []
  })
  return [
    {
      title: 'Pressure before the regulator',
      role: 'cylinderPressure',
      lines: [{ words: 'in use', of: ({ sources }) => sources[at]?.gaugePa ?? null }],
      marks: [{ at: need, words: 'what the regulator needs' }],
      from: 0,
      to: need,
    },
    {
      title: 'Gas in the cylinders',
      role: sourceId === 'bottles' ? 'bottleMass' : 'cylinderMass',
      lines: mine.map(({ i, name }) => ({ words: name, of: ({ cylinders }) => cylinders[i]?.massKg ?? null })),
      marks: [],
      from: 0,
    },
    {
      title: 'Outside, inside, and the liquid in the cylinder',
      role: 'temperature',
      lines: [
        { words: 'outside', of: ({ outsideK }) => outsideK },
        ...(run.series[0]?.roomK === null ? [] : [{ words: 'room', of: ({ roomK }: TripMoment) => roomK }]),
        ...mine.slice(0, 1).map(({ i, name }) => ({
          words: `liquid in ${name}`,
          of: (moment: TripMoment) => moment.cylinders[i]?.temperatureK ?? null,
        })),
      ],
      marks: [],
    },
  ]
}

/** Three charts over the whole trip, with the hovered values as text. */
export function RunCharts({ outlook, sourceId }: { outlook: RunOutlook; sourceId: string }) {
  const { series } = outlook.run
  const every = Math.max(1, Math.ceil(series.length / POINTS))
  const shown = series.filter((_, i) => i % every === 0 || i === series.length - 1)
  const { nights } = outlook.trip
  return (
    <div className="air-charts">
      {stripsOf(outlook, sourceId)
        .filter(({ lines }) => lines.length > 0)
        .map((strip) => (
          <StripChart
            key={strip.title}
            {...strip}
            alt="over the trip; the table below says the same"
            points={shown}
            foot={{
              of: ({ timeS }) => timeS / DAY_S,
              words: (days) => (days === 0 ? 'start' : `${days} d`),
              ticks: axisTicks(0, nights, Math.min(7, nights)),
            }}
            tipOf={({ timeS }) => formatTripTime(timeS, outlook.input)}
          />
        ))}
    </div>
  )
}
