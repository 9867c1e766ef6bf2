'use client'

import type { DisplayRole } from '@/core/base/quantity'
import { airThresholds, type RoomAir } from '@/core/heat/air/roomAir'
import type { AirMoment } from '@/core/heat/air/airModel'
import { formatQuantity } from '@/core/units/formatQuantity'
import { StripChart, type StripLine } from '@/ui/figures/StripChart'
import { useUnits } from '@/ui/state/UnitsProvider'

interface Strip {
  title: string
  role: DisplayRole
  lines: readonly StripLine<AirMoment>[]
  marks: readonly { at: number; words: string }[]
  /** Smallest range of the axis, so that small changes look small. */
  from: number
  to: number
}

const marksOf = (of: 'co2' | 'oxygen') => airThresholds.filter((mark) => mark.of === of)

const strips: readonly Strip[] = [
  {
    title: 'CO2',
    role: 'concentration',
    lines: [{ words: 'CO2', of: ({ co2Ppm }) => co2Ppm }],
    marks: marksOf('co2'),
    from: 0,
    to: 6000,
  },
  {
    title: 'Oxygen',
    role: 'oxygen',
    lines: [{ words: 'oxygen', of: ({ o2Fraction }) => o2Fraction }],
    marks: marksOf('oxygen'),
    from: 0.19,
    to: 0.212,
  },
  {
    title: 'Warmth and wet',
    role: 'temperature',
    lines: [
      { words: 'air', of: ({ temperatureK }) => temperatureK },
      { words: 'glass', of: ({ glassK }) => glassK },
      { words: 'dew point', of: ({ dewPointK }) => dewPointK },
    ],
    marks: [],
    from: 273.15,
    to: 283.15,
  },
]

const HOUR_S = 3600

/** Three charts over the same hours, with labeled thresholds. */
export function AirCharts({ air: { series } }: { air: RoomAir }) {
  const { system } = useUnits()
  // A chart of some hours shows no more points than it is wide.
  const every = Math.max(1, Math.ceil(series.length / 240))
  const shown = series.filter((_, i) => i % every === 0 || i === series.length - 1)
  return (
    <div className="air-charts">
      {strips.map((strip) => (
        <StripChart
          key={strip.title}
          {...strip}
          alt="the numbers stand above"
          points={shown}
          foot={{ of: ({ timeS }) => timeS / HOUR_S, words: (hours) => `${hours} h` }}
          tipOf={({ timeS }) => formatQuantity({ value: timeS, role: 'duration' }, system)}
          height={170}
        />
      ))}
    </div>
  )
}
