'use client'

import { usesLeft } from '@/core/co2/toolGas'
import { kegPlan } from '@/core/co2/kegPlan'
import { kegSlip } from '@/core/co2/kegSlip'
import { Amount } from '@/ui/figures/Amount'
import { FigureButton } from '@/ui/figures/FigureButton'
import { Measure } from '@/ui/fields/Measure'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { useUsualInputs } from '@/ui/state/useUsualInputs'
import type { Co2Held } from './co2Held'
import { tryCalculation } from '@/ui/state/tryCalculation'
import { runLabels } from '@/ui/terms/runLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Carbonate, then serve: what to set, and what is left. */
export function KegBench({ held }: { held: Co2Held }) {
  const [typed, set] = useUsualInputs('keg', (round) => ({
    drinkM3: round('liquidVolume', 5, 19),
    temperatureK: round('temperature', 38, 3),
    volumes: 2.5,
    startVolumes: 0,
    glassM3: round('glass', 12, 350),
  }))
  const keg = { ...typed, gasKg: held.gasKg, altitudeM: held.altitudeM }
  const { found, at } = tryCalculation(() => ({ plan: kegPlan(keg), slip: kegSlip(keg) }))
  return (
    <div className="bench-and-slip">
      <section aria-label={runLabels.keg}>
        <h2>A keg</h2>
        <div className="fields narrow">
          <Measure
            label="Drink in it"
            role="liquidVolume"
            value={typed.drinkM3}
            issue={at('drinkM3')}
            set={(drinkM3) => set({ drinkM3 })}
          />
          <Measure
            label="Its temperature"
            role="temperature"
            value={typed.temperatureK}
            issue={at('temperatureK')}
            set={(temperatureK) => set({ temperatureK })}
          />
          <Measure
            label={runLabels.carbonationWishedFor}
            role="gasVolumes"
            value={typed.volumes}
            issue={at('volumes')}
            set={(volumes) => set({ volumes })}
          />
          <Measure
            label="In it already"
            role="gasVolumes"
            mayBeZero
            value={typed.startVolumes}
            issue={at('startVolumes')}
            set={(startVolumes) => set({ startVolumes })}
          />
          <Measure
            label="A glass"
            role="glass"
            value={typed.glassM3}
            issue={at('glassM3')}
            set={(glassM3) => set({ glassM3 })}
          />
        </div>
        {found && (
          <>
            <ul className="air-figures">
              <li>
                <span>set the regulator to</span>
                <FigureButton
                  className="large"
                  figure={{
                    basis: 'carbonation',
                    quantity: { value: found.plan.gaugePa, role: 'cylinderPressure' },
                    inputs: [
                      { label: 'Drink', quantity: { value: typed.temperatureK, role: 'temperature' } },
                      { label: sharedLabels.altitude, quantity: { value: held.altitudeM, role: 'altitude' } },
                    ],
                  }}
                />
              </li>
              <li>
                <span>glasses in the keg</span>
                <FigureButton
                  className="large"
                  figure={{ basis: 'serving-gas', quantity: { value: found.plan.glasses, role: 'count' }, inputs: [] }}
                />
              </li>
              <li>
                <span>kegs in the cylinder</span>
                <FigureButton
                  className="large"
                  figure={{
                    basis: 'kegs-left',
                    quantity: { value: usesLeft(held.gasKg, found.plan.perKegKg), role: 'count' },
                    inputs: [],
                  }}
                />
              </li>
            </ul>
            <p className="hint">
              Keep it at that pressure for a week in the cold, or shake it for some minutes. Serve at the same pressure.
              At <Amount quantity={{ value: held.altitudeM, role: 'altitude' }} /> the gauge has to show as much more as
              the air lacks.
            </p>
          </>
        )}
      </section>
      <SlipPaper title="One keg" sub="from this cylinder" slip={found?.slip ?? null}>
        {!found && <p className="mb-0">Correct the marked field: the sum appears here again.</p>}
      </SlipPaper>
    </div>
  )
}
