'use client'

import { altitudeFigures } from '@/core/heat/heaters/heaterAltitude'
import type { Heater } from '@/core/heat/heaters/heater'
import { FigureButton } from '@/ui/figures/FigureButton'

/** What the height of the place does to the heater, its gauge and its air. */
export function AltitudePlate({ name, heater, altitudeM }: { name: string; heater: Heater; altitudeM: number }) {
  return (
    <section className="altitude-plate" aria-label="At this height">
      <h2>At this height</h2>
      <ul className="air-figures">
        {altitudeFigures(heater, altitudeM).map(({ label, figure }) => (
          <li key={label}>
            <span>{label}</span>
            <FigureButton className="large" figure={figure} />
          </li>
        ))}
      </ul>
      <p className="hint">
        A gauge reads against the air around it: at a height the same gauge reading is less gas in absolute terms, and
        less oxygen reaches the flame of {name}. A burner left alone there burns rich, it does not simply burn less.
      </p>
    </section>
  )
}
