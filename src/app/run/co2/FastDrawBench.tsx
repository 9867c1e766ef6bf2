'use client'

import { fastDraw } from '@/core/co2/fastDraw'
import { waterCapacityVolumeM3 } from '@/core/cylinders/contents/waterCapacity'
import { gaugePressurePa } from '@/core/fluids/atmosphere'
import { Amount } from '@/ui/figures/Amount'
import { FigureButton } from '@/ui/figures/FigureButton'
import { Measure } from '@/ui/fields/Measure'
import { useUsualInputs } from '@/ui/state/useUsualInputs'
import type { Co2Held } from './co2Held'
import { tryCalculation } from '@/ui/state/tryCalculation'
import { runLabels } from '@/ui/terms/runLabels'

/** How cold it gets when much is drawn at once, and when it freezes. */
export function FastDrawBench({ held }: { held: Co2Held }) {
  const [typed, set] = useUsualInputs('fast draw', (round) => ({
    drawnKg: round('bottleMass', 8, 200),
    temperatureK: round('temperature', 68, 20),
  }))
  const { found, at } = tryCalculation(() =>
    fastDraw({
      volumeM3: waterCapacityVolumeM3(held.waterCapacityKg),
      massKg: held.gasKg,
      wallKg: held.tareKg,
      ...typed,
    }),
  )
  return (
    <section aria-label={runLabels.fastDraw}>
      <h2>Much at once</h2>
      <div className="fields narrow">
        <Measure
          label={runLabels.drawnAtOnce}
          role="bottleMass"
          mayBeZero
          value={typed.drawnKg}
          issue={at('drawnKg') ?? at('massKg')}
          set={(drawnKg) => set({ drawnKg })}
        />
        <Measure
          label="Cylinder before"
          role="temperature"
          value={typed.temperatureK}
          issue={at('temperatureK')}
          set={(temperatureK) => set({ temperatureK })}
        />
      </div>
      {found && (
        <>
          <ul className="air-figures">
            <li>
              <span>it ends at</span>
              <FigureButton
                className="large"
                figure={{ basis: 'fast-draw', quantity: { value: found.endK, role: 'temperature' }, inputs: [] }}
              />
            </li>
            <li>
              <span>its gauge falls to</span>
              <FigureButton
                className="large"
                figure={{
                  basis: 'fast-draw',
                  quantity: { value: gaugePressurePa(found.endPa, held.altitudeM), role: 'cylinderPressure' },
                  inputs: [{ label: 'Absolute', quantity: { value: found.endPa, role: 'absolutePressure' } }],
                }}
              />
            </li>
            <li>
              <span>most at once before it freezes</span>
              <FigureButton
                className="large"
                figure={{ basis: 'fast-draw', quantity: { value: found.mostKg, role: 'bottleMass' }, inputs: [] }}
              />
            </li>
          </ul>
          {found.freezes && (
            <p className="issue" role="alert">
              Its liquid freezes to dry ice at <Amount quantity={{ value: found.endPa, role: 'absolutePressure' }} />{' '}
              absolute: nothing more comes until it warms. Shut it and wait; never heat it.
            </p>
          )}
          <p className="hint">
            A regulator freezes long before: let it rest when its body grows frost. The pressure comes back by itself
            and tells nothing of what is left.
          </p>
        </>
      )}
    </section>
  )
}
