'use client'

import type { DisplayRole } from '@/core/base/quantity'
import type { BenchMoment } from '@/core/practice/drills/bench'
import { formatQuantity, quantityParts } from '@/core/units/formatQuantity'
import { StripChart } from '@/ui/figures/StripChart'
import { useUnits } from '@/ui/state/UnitsProvider'

interface Chart {
  title: string
  role: DisplayRole
  of: (moment: BenchMoment) => number
  marks?: readonly { at: number; words: string }[]
}

const charts: readonly Chart[] = [
  { title: 'Pressure behind the regulator', role: 'linePressure', of: ({ lineGaugePa }: BenchMoment) => lineGaugePa },
  {
    title: 'Pressure in the cylinder',
    role: 'cylinderPressure',
    of: ({ cylinderGaugePa }: BenchMoment) => cylinderGaugePa,
  },
  { title: 'Room temperature', role: 'temperature', of: ({ roomK }: BenchMoment) => roomK },
  {
    title: 'CO2 in the room',
    role: 'concentration',
    of: ({ co2Ppm }: BenchMoment) => co2Ppm,
    marks: [{ at: 5000, words: 'limit for an 8 h shift' }],
  },
  {
    title: 'Gas near the floor, share of its lower flammable limit',
    role: 'share',
    of: ({ flammableShare }: BenchMoment) => flammableShare,
    marks: [
      { at: 0.2, words: 'the gas alarm sounds' },
      { at: 1, words: 'it can burn' },
    ],
  },
]

/** A reading that moves by less than this share of itself tells nothing. */
const FLAT_SHARE = 0.004
const MOST_TICKS = 7
const STEPS_MIN = [1, 2, 5, 10, 30, 60, 120, 240]

/** Whole minutes along the foot, a few of them. */
function minuteTicks(lastMin: number): number[] {
  const step = STEPS_MIN.find((one) => lastMin / one <= MOST_TICKS) ?? 480
  return Array.from({ length: Math.floor(lastMin / step) + 1 }, (_, i) => i * step)
}

/** What the rig did during a drill: the readings that moved. */
export function DrillChart({ series }: { series: readonly BenchMoment[] }) {
  const { system } = useUnits()
  const ticks = minuteTicks((series.at(-1)?.timeS ?? 0) / 60)
  const moved = charts.filter(({ of }) => {
    const values = series.map(of)
    const most = Math.max(...values)
    return most - Math.min(...values) > most * FLAT_SHARE
  })
  return (
    <div className="drill-charts">
      <h2>What the rig did</h2>
      {moved.map(({ title, role, of, marks }) => (
        <StripChart
          key={title}
          title={[title, quantityParts({ value: 1, role }, system).unit].filter(Boolean).join(', ')}
          alt="the readings and the list of what you did"
          role={role}
          points={series}
          foot={{ of: ({ timeS }) => timeS / 60, words: (minute) => `${Math.round(minute)} min`, ticks }}
          lines={[{ words: title, of }]}
          marks={marks}
          tipOf={(point) =>
            `${Math.round(point.timeS / 60)} min: ${formatQuantity({ value: of(point), role }, system)}`
          }
          height={120}
        />
      ))}
    </div>
  )
}
