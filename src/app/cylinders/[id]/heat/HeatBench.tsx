'use client'

import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import { gearLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { HOT_CAR_K } from '@/core/units/convert'
import { heatFigures, type HeatFigures } from '@/core/cylinders/contents/heatFigures'
import { InputError } from '@/core/base/InputError'
import type { DisplayRole } from '@/core/base/quantity'
import { Amount } from '@/ui/figures/Amount'
import { BigFigure } from '@/ui/figures/FigureText'
import { FigureButton } from '@/ui/figures/FigureButton'
import { QuantityField } from '@/ui/fields/QuantityField'
import { isEmpty, nothingTyped, readQuantity } from '@/ui/fields/typedQuantity'
import { useSessionState } from '@/ui/state/useSessionState'
import { HeatChart } from './HeatChart'
import { HeatTable } from './HeatTable'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'

function attempt(run: () => HeatFigures): { figures: HeatFigures | null; issue: string | null } {
  try {
    return { figures: run(), issue: null }
  } catch (error) {
    if (error instanceof InputError) return { figures: null, issue: error.message }
    throw error
  }
}

function Large({ title, figure, hint }: { title: string; figure: HeatFigures['hot']; hint: string }) {
  return (
    <div>
      <strong>{title}</strong>
      <span className="large">
        <FigureButton figure={figure}>
          <BigFigure figure={figure} />
        </FigureButton>
      </span>
      <span className="hint">{hint}</span>
    </div>
  )
}

/** Pressure and level against temperature, for the actual or an assumed content. */
export function HeatBench({
  gear,
  plateReliefPa,
  altitudeM,
}: {
  gear: CylinderGear
  plateReliefPa: number | null
  altitudeM: number
}) {
  const { gas, small } = kindFacts[gear.kind]
  const role: DisplayRole = small ? 'bottleMass' : 'cylinderMass'
  const held = gearContents(gear)
  const [text, setText] = useSessionState(`heat ${gear.id}`, nothingTyped)
  const typed = readQuantity(text, role)
  const netKg = typed.value ?? held?.netKg ?? gearLimitKg(gear)
  const whose = typed.value !== null ? 'as typed' : held ? 'as last measured' : 'as if full, since nobody measured it'
  const { figures, issue } =
    netKg > 0
      ? attempt(() => heatFigures(gear, netKg, altitudeM, plateReliefPa))
      : { figures: null, issue: 'Empty: there is nothing to press.' }
  return (
    <div className="heat-bench">
      <div className="fields narrow">
        <QuantityField
          label={cylindersLabels.withThisMuchInIt}
          role={role}
          typed={text}
          onTyped={setText}
          issue={isEmpty(text) ? null : issue}
          hint={
            <>
              <Amount quantity={{ value: netKg, role }} />, {whose}
            </>
          }
        />
      </div>
      {figures && (
        <>
          <div className="pressures">
            <div className="three">
              <Large
                title="Parked car in the sun"
                figure={figures.hot}
                hint="130 °F (54 °C), by a gauge at your altitude"
              />
              {figures.liquidFull && (
                <Large
                  title="Liquid-full at"
                  figure={figures.liquidFull}
                  hint={
                    gas === 'co2'
                      ? 'full to its limit, near 80 °F: no fault'
                      : 'from there on the pressure climbs steeply'
                  }
                />
              )}
              {figures.fiveQuarters && (
                <Large
                  title={cylindersLabels.n54OfServicePressure}
                  figure={figures.fiveQuarters}
                  hint="a full one comes near it in a hot car"
                />
              )}
              <Large
                title={figures.relief.device === 'disc' ? 'Burst disc goes at' : 'Relief valve opens at'}
                figure={figures.reliefSetting}
                hint={figures.relief.from === 'stamp' ? 'from the stamp or plate' : 'the usual setting; read the plate'}
              />
              {figures.reliefAt && (
                <Large
                  title="which is reached at"
                  figure={figures.reliefAt}
                  hint={figures.relief.device === 'disc' ? 'everything in it leaves' : 'it vents until cooler'}
                />
              )}
            </div>
          </div>
          <HeatChart figures={figures} hotK={HOT_CAR_K} />
          <HeatTable curve={figures.curve} />
          <p className="hint">
            Pressure follows temperature, not contents, until the liquid has no room left. Shade it; never warm it on
            purpose, never leave it in a parked car.
          </p>
        </>
      )}
      {!figures && isEmpty(text) && <p className="issue">{issue}</p>}
    </div>
  )
}
