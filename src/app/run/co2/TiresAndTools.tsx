'use client'

import { airTools, toolGasKg, type AirTool, usesLeft } from '@/core/co2/toolGas'
import { tireGas } from '@/core/co2/tireGas'
import { Choice } from '@/ui/fields/Choice'
import { FigureButton } from '@/ui/figures/FigureButton'
import { Measure } from '@/ui/fields/Measure'
import { useUsualInputs } from '@/ui/state/useUsualInputs'
import type { Co2Held } from './co2Held'
import { tryCalculation } from '@/ui/state/tryCalculation'
import { runLabels } from '@/ui/terms/runLabels'

/** How many tires, and how long a tool runs. */
export function TiresAndTools({ held }: { held: Co2Held }) {
  const [typed, set] = useUsualInputs('tyres', (round) => ({
    volumeM3: round('space', 1.5, 0.05),
    fromGaugePa: round('cylinderPressure', 28, 2),
    toGaugePa: round('cylinderPressure', 50, 3.5),
    temperatureK: round('temperature', 60, 15),
    tool: 'nailer' as AirTool,
    durationS: 60,
  }))
  const tire = tryCalculation(() => tireGas({ ...typed, altitudeM: held.altitudeM }))
  const tool = tryCalculation(() => toolGasKg(typed.tool, typed.durationS, typed.temperatureK, held.altitudeM))
  return (
    <section aria-label={runLabels.tiresAndTools}>
      <h2>Tyres</h2>
      <div className="fields narrow">
        <Measure
          label="Inside of the tire"
          role="space"
          value={typed.volumeM3}
          issue={tire.at('volumeM3')}
          set={(volumeM3) => set({ volumeM3 })}
        />
        <Measure
          label="It has"
          role="cylinderPressure"
          mayBeZero
          value={typed.fromGaugePa}
          issue={tire.at('fromGaugePa')}
          set={(fromGaugePa) => set({ fromGaugePa })}
        />
        <Measure
          label={runLabels.itIsToHave}
          role="cylinderPressure"
          value={typed.toGaugePa}
          issue={tire.at('toGaugePa')}
          set={(toGaugePa) => set({ toGaugePa })}
        />
        <Measure
          label="Air and tire"
          role="temperature"
          value={typed.temperatureK}
          issue={tire.at('temperatureK')}
          set={(temperatureK) => set({ temperatureK })}
        />
      </div>
      {tire.found && (
        <ul className="air-figures">
          <li>
            <span>one tire takes</span>
            <FigureButton
              className="large"
              figure={{
                basis: 'tyre-gas',
                quantity: { value: tire.found.gasKg, role: 'bottleMass' },
                inputs: [
                  { label: 'Inside', quantity: { value: typed.volumeM3, role: 'space' } },
                  { label: 'From', quantity: { value: typed.fromGaugePa, role: 'cylinderPressure' } },
                  { label: 'To', quantity: { value: typed.toGaugePa, role: 'cylinderPressure' } },
                ],
              }}
            />
          </li>
          <li>
            <span>by the ideal gas</span>
            <FigureButton
              figure={{
                basis: 'tyre-gas-ideal',
                quantity: { value: tire.found.idealKg, role: 'bottleMass' },
                inputs: [],
              }}
            />
          </li>
          <li>
            <span>tires in the cylinder</span>
            <FigureButton
              className="large"
              figure={{
                basis: 'tyre-gas',
                quantity: { value: usesLeft(held.gasKg, tire.found.gasKg), role: 'count' },
                inputs: [{ label: 'CO2 in it', quantity: { value: held.gasKg, role: 'cylinderMass' } }],
              }}
            />
          </li>
        </ul>
      )}
      <p className="hint">A van’s tire holds about 1.6 ft³ (45 L), a large off-road one 3.5 ft³ (100 L).</p>
      <h2>Tools</h2>
      <div className="fields narrow">
        <Choice
          id="air-tool"
          label="Tool"
          value={typed.tool}
          options={airTools.map(({ id, name }) => [id, name] as const)}
          set={(id) => set({ tool: id })}
        />
        <Measure
          label="It runs for"
          role="minutes"
          mayBeZero
          value={typed.durationS}
          issue={tool.at('durationS')}
          set={(durationS) => set({ durationS })}
        />
      </div>
      {tool.found !== null && (
        <ul className="air-figures">
          <li>
            <span>takes</span>
            <FigureButton
              className="large"
              figure={{ basis: 'tool-gas', quantity: { value: tool.found, role: 'bottleMass' }, inputs: [] }}
            />
          </li>
          <li>
            <span>so many times in the cylinder</span>
            <FigureButton
              className="large"
              figure={{
                basis: 'tool-gas',
                quantity: { value: usesLeft(held.gasKg, tool.found), role: 'count' },
                inputs: [],
              }}
            />
          </li>
        </ul>
      )}
    </section>
  )
}
