'use client'

import { siteConditions } from '@/core/run/siteConditions'
import type { RunPageData } from '@/app/run/runPageData'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import { formatQuantity } from '@/core/units/formatQuantity'
import { propaneFillLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { type Vessel, vesselOf } from '@/core/vaporization/vessel'
import { vaporizationSlip } from '@/core/vaporization/vaporizationSlip'
import { typicalSizes } from '@/core/cylinders/typicalSizes'
import { coldDraw } from '@/core/vaporization/coldDraw'
import { cylinderSites, siteLabels, type CylinderSite } from '@/core/vaporization/heatTransfer'
import { Choice } from '@/ui/fields/Choice'
import { Measure } from '@/ui/fields/Measure'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { StripChart } from '@/ui/figures/StripChart'
import { tryCalculation } from '@/ui/state/tryCalculation'
import { useUsualInputs } from '@/ui/state/useUsualInputs'
import { useUnits } from '@/ui/state/UnitsProvider'
import { runLabels } from '@/ui/terms/runLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const HOUR_S = 3600

interface ColdCylinder {
  id: string
  name: string
  vessel: Vessel
  massKg: number
}

/** The rig's own cylinders, then the common sizes filled to their limit. */
function choices({ rig }: RunPageData): ColdCylinder[] {
  return [
    ...rig.cylinders
      .filter(({ kind }) => kindFacts[kind].gas === 'propane')
      .map((cylinder) => ({
        id: cylinder.id,
        name: cylinder.name,
        vessel: vesselOf(cylinder),
        massKg: gearContents(cylinder)?.netKg ?? 0,
      })),
    ...typicalSizes
      .filter(({ kind }) => kindFacts[kind].gas === 'propane')
      .map(({ id, name, waterCapacityKg, tareKg }) => ({
        id: `size ${id}`,
        name: `${name}, full`,
        vessel: { waterCapacityKg, stands: 'upright' as const, wallKg: tareKg },
        massKg: propaneFillLimitKg(waterCapacityKg),
      })),
  ]
}

/** Sustainable draw of one cylinder in the cold, and runtime at a constant draw. */
export function ColdBench({ data }: { data: RunPageData }) {
  const { system } = useUnits()
  const held = choices(data)
  const [first] = held
  const [typed, set] = useUsualInputs(`cold ${data.rigId}`, (round) => ({
    id: first?.id ?? '',
    massKg: first?.massKg ?? 0,
    airTemperatureK: data.trip?.plan.coldestK ?? round('temperature', 20, -5),
    windMS: 0,
    site: 'locker' as CylinderSite,
    minimumGaugePa: round('cylinderPressure', 10, 0.7),
    drawW: round('power', 20_000, 6),
  }))
  const chosen = held.find(({ id }) => id === typed.id) ?? first
  if (!chosen) return <p>No cylinder is entered yet.</p>
  const input = {
    vessel: chosen.vessel,
    liquidKg: typed.massKg,
    airTemperatureK: typed.airTemperatureK,
    minimumGaugePa: typed.minimumGaugePa,
    windMS: typed.windMS,
    site: typed.site,
    altitudeM: siteConditions(data.trip?.plan).altitudeM,
  }
  const { found, at } = tryCalculation(() => {
    const draw = coldDraw({ ...input, massKg: typed.massKg, drawW: typed.drawW })
    return { draw, slip: vaporizationSlip(input, draw) }
  })
  const draw = found?.draw
  const slip = found?.slip ?? null
  return (
    <div className="bench-and-slip">
      <section aria-label="One cylinder in the cold">
        <h2>One cylinder in the cold</h2>
        <div className="fields narrow">
          <Choice
            id="cold-cylinder"
            label={sharedLabels.cylinder}
            value={chosen.id}
            options={held.map(({ id, name }) => [id, name] as const)}
            set={(id) => set({ id, massKg: held.find((one) => one.id === id)?.massKg ?? 0 })}
          />
          <Measure
            label={runLabels.gasInIt}
            role={chosen.vessel.waterCapacityKg < 2 ? 'bottleMass' : 'cylinderMass'}
            mayBeZero
            value={typed.massKg}
            issue={at('liquidKg') ?? at('massKg')}
            set={(massKg) => set({ massKg })}
          />
          <Measure
            label={runLabels.air}
            role="temperature"
            value={typed.airTemperatureK}
            issue={at('airTemperatureK')}
            set={(airTemperatureK) => set({ airTemperatureK })}
          />
          <Measure
            label="Wind"
            role="windSpeed"
            mayBeZero
            value={typed.windMS}
            issue={at('windMS')}
            set={(windMS) => set({ windMS })}
          />
          <Choice
            id="cold-site"
            label="It stands"
            value={typed.site}
            options={cylinderSites.map((site) => [site, siteLabels[site]] as const)}
            set={(site) => set({ site })}
          />
          <Measure
            label={runLabels.theRegulatorNeeds}
            role="cylinderPressure"
            mayBeZero
            value={typed.minimumGaugePa}
            issue={at('minimumGaugePa')}
            set={(minimumGaugePa) => set({ minimumGaugePa })}
          />
          <Measure
            label={sharedLabels.whatBurns}
            role="power"
            value={typed.drawW}
            issue={at('drawW')}
            set={(drawW) => set({ drawW })}
          />
        </div>
        {draw && (
          <div className="air-charts">
            <StripChart
              title="Pressure at this draw"
              alt="hour by hour; the sum beside says when it ends"
              role="cylinderPressure"
              points={draw.series}
              foot={{ of: ({ timeS }) => timeS / HOUR_S, words: (hours) => `${hours.toFixed(1)} h` }}
              lines={[{ words: 'in the cylinder', of: ({ gaugePa }) => gaugePa }]}
              marks={[{ at: typed.minimumGaugePa, words: 'what the regulator needs' }]}
              from={0}
              to={typed.minimumGaugePa}
              tipOf={({ timeS }) => formatQuantity({ value: timeS, role: 'duration' }, system)}
              height={210}
            />
          </div>
        )}
        <ul className="cold-advice">
          <li>Fuller, larger, or two open at once: more wetted wall, more gas.</li>
          <li>Less at a time, or at warmer hours.</li>
          <li>
            Out of the wind it boils less, not more. But never wrap or enclose it, and never warm it with a flame.
          </li>
          <li>
            What is left by the cold comes back by itself as the cylinder warms: swap it, and keep it for the day.
          </li>
        </ul>
      </section>
      <SlipPaper title={runLabels.whatItCanKeepUp} sub={`${chosen.name}, as the air lets it boil`} slip={slip}>
        {!slip && <p className="mb-0">Correct the marked field: the sum appears here again.</p>}
        <p className="caution-note mb-0">
          For propane alone. What is sold abroad may hold butane, which hardly boils near freezing.
        </p>
      </SlipPaper>
    </div>
  )
}
