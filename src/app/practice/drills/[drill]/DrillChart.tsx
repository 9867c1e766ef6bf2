'use client'

import type { BenchMoment } from '@/core/practice/drills/bench'
import { formatQuantity } from '@/core/units/formatQuantity'
import { StripChart } from '@/ui/figures/StripChart'
import { useUnits } from '@/ui/state/UnitsProvider'

const charts = [
  { title: 'Pressure behind the regulator', role: 'linePressure', of: ({ lineGaugePa }: BenchMoment) => lineGaugePa },
  { title: 'Room temperature', role: 'temperature', of: ({ roomK }: BenchMoment) => roomK },
  { title: 'CO2 in the room', role: 'concentration', of: ({ co2Ppm }: BenchMoment) => co2Ppm },
  {
    title: 'Gas near the floor, of what burns',
    role: 'share',
    of: ({ flammableShare }: BenchMoment) => flammableShare,
  },
] as const

/** What the rig did during a drill. */
export function DrillChart({ series }: { series: readonly BenchMoment[] }) {
  const { system } = useUnits()
  return (
    <div className="drill-charts">
      <h2>What the rig did</h2>
      {charts.map(({ title, role, of }) => (
        <StripChart
          key={title}
          title={title}
          alt="the readings and the list of what you did"
          role={role}
          points={series}
          foot={{ of: ({ timeS }) => timeS / 60, words: (minute) => `${Math.round(minute)} min` }}
          lines={[{ words: title, of }]}
          tipOf={(point) =>
            `${Math.round(point.timeS / 60)} min: ${formatQuantity({ value: of(point), role }, system)}`
          }
          height={120}
        />
      ))}
    </div>
  )
}
