'use client'

import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Link } from '@/ui/shell/Link'
import { type CylinderGear, isTareKnown } from '@/core/cylinders/cylinderGear'
import { drawingLevels } from '@/core/cylinders/contents/drawingLevels'
import { gearContents, contentsInput } from '@/core/cylinders/contents/gearContents'
import { type CylinderKind, kindFacts } from '@/core/cylinders/cylinderKind'
import { contents, type Contents } from '@/core/cylinders/contents/contents'
import type { Finding } from '@/core/findings/Finding'
import { hasStop } from '@/core/findings/verdict'
import { InputError } from '@/core/base/InputError'
import type { FillMode } from '@/core/fill/fillModes'
import { stopWeightSlip, type StopWeight } from '@/core/fill/stopWeightSlip'
import type { DisplayRole } from '@/core/base/quantity'
import { Amount } from '@/ui/figures/Amount'
import { AssumedText } from '@/ui/figures/AssumedText'
import { CylinderDrawing } from '@/ui/drawings/CylinderDrawing'
import { FindingList } from '@/ui/figures/FindingList'
import { QuantityField } from '@/ui/fields/QuantityField'
import { isEmpty, readQuantity, typedOf } from '@/ui/fields/typedQuantity'
import { SaveBar } from '@/ui/fields/SaveBar'
import { WhenField } from '@/ui/fields/WhenField'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { StateMark } from '@/ui/figures/StateMark'
import { useUnits } from '@/ui/state/UnitsProvider'
import { LiveScale } from './LiveScale'
import { useFill } from './useFill'
import { fillLabels } from '@/ui/terms/fillLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

interface Worked {
  stop: StopWeight | null
  held: Contents | null
  issues: InputError | null
}

/** Filling on a scale: stop weight, live reading, and the saved weight. */
export function WeighFill({
  gear,
  mode,
  share,
  by = 'weight',
  findings,
  children,
}: {
  gear: CylinderGear
  mode: FillMode
  /** Share of the limit: 1, or 0.75 by the `home` rule. */
  share: number
  by?: 'weight' | 'pressure'
  findings: readonly Finding[]
  children?: React.ReactNode
}) {
  const { system } = useUnits()
  const { gas, small } = kindFacts[gear.kind]
  const role: DisplayRole = small ? 'bottleMass' : 'cylinderMass'
  const [live, setLive] = useState(false)
  const { values, set, saveFill, whenField, saving, issueAt } = useFill(`${mode} ${gear.id}`, gear.name)
  const { gross, source, hanging, temperature } = values
  const stopped = hasStop(findings)

  const grossRead = readQuantity(gross, role)
  const hangingRead = readQuantity(hanging, role)
  const temperatureRead = readQuantity(temperature, 'temperature')
  const hangingKg = hangingRead.value ?? 0
  const worked = ((): Worked => {
    try {
      const liquidTemperatureK = temperatureRead.value
      const stop = isTareKnown(gear)
        ? stopWeightSlip(gear, { hangingKg, grossKg: grossRead.value, liquidTemperatureK, share })
        : null
      const held =
        grossRead.value === null
          ? gearContents(gear)
          : contents(contentsInput(gear, { grossKg: grossRead.value, hangingKg }))
      return { stop, held, issues: null }
    } catch (error) {
      if (error instanceof InputError) return { stop: null, held: null, issues: error }
      throw error
    }
  })()
  const wrongAt = (path: string): string | null =>
    worked.issues?.issues.find((issue) => issue.path === path)?.message ?? null
  const { level, limitLevel } = drawingLevels(gas, worked.held, gear.waterCapacityKg, temperatureRead.value)

  return (
    <form
      className="bench-and-slip fill-form"
      noValidate
      onSubmit={async (event) => {
        event.preventDefault()
        if (grossRead.value === null || hangingRead.issue) return
        const after = { way: 'weighed', grossKg: grossRead.value, hangingKg, source }
        const fill = {
          cylinderId: gear.id,
          mode,
          by,
          after,
          meteredM3: null,
          shownBefore: null,
          paid: null,
          note: null,
        }
        await saveFill(fill)
      }}
    >
      {findings.length > 0 && (
        <section className="across" aria-label={sharedLabels.findings}>
          <FindingList findings={findings} />
        </section>
      )}
      <div>
        <div className="weigh-bench">
          <figure className="drawing mb-0">
            <CylinderDrawing
              kind={gear.kind}
              waterCapacityKg={gear.waterCapacityKg}
              level={level}
              limitLevel={limitLevel}
              title={`${gear.name} with its level`}
            />
            <figcaption>
              TW <Amount quantity={{ value: gear.tareKg, role }} />{' '}
              <AssumedText source={gear.sources?.tareKg} role={role} /> · WC{' '}
              <Amount quantity={{ value: gear.waterCapacityKg, role }} />
            </figcaption>
          </figure>
          <div className="at-the-scale">
            <div className="fields">
              <QuantityField
                label={fillLabels.onTheScale}
                role={role}
                typed={gross}
                issue={wrongAt('grossKg') ?? issueAt('after.grossKg') ?? issueAt('grossKg')}
                hint="now, and once more when it is full"
                onTyped={(typed, from) => set({ gross: typed, source: from })}
              />
              <QuantityField
                label={sharedLabels.alsoHangingOnTheScale}
                optional
                role={role}
                typed={hanging}
                issue={wrongAt('hangingKg') ?? issueAt('after.hangingKg')}
                hint="hose, adapter, plug"
                onTyped={(typed) => set({ hanging: typed })}
              />
              <QuantityField
                label={sharedLabels.temperatureOfTheLiquid}
                optional
                role="temperature"
                typed={temperature}
                issue={wrongAt('liquidTemperatureK')}
                hint="for the level only; the weight does not need it"
                onTyped={(typed) => set({ temperature: typed })}
              />
              <Form.Check
                type="switch"
                id="live"
                label={fillLabels.followTheScaleLive}
                checked={live}
                onChange={(event) => setLive(event.target.checked)}
              />
            </div>
            {live && !stopped && worked.stop && (
              <LiveScale
                stopKg={worked.stop.stopKg}
                limitKg={worked.stop.targetKg}
                role={role}
                take={(grossKg) => set({ gross: typedOf(grossKg, role, system), source: 'scale' })}
              />
            )}
            {worked.held?.overfilled && grossRead.value !== null && <Overfilled kind={gear.kind} />}
            {children}
            {stopped ? (
              <p className="stopped" role="status">
                <StateMark state="stop" /> Not to be filled. A weight alone is kept under Cylinders.
              </p>
            ) : (
              <>
                <WhenField {...whenField} />
                <SaveBar label={fillLabels.saveTheFill} saving={saving} dirty={!isEmpty(gross)} />
              </>
            )}
          </div>
        </div>
      </div>
      <SlipPaper
        title={gear.name}
        sub={stopped ? 'not to be filled' : 'where to stop'}
        slip={stopped ? null : (worked.stop?.slip ?? null)}
      >
        {stopped && <p className="mb-0">No stop weight is given for a cylinder that may not be filled.</p>}
        {!stopped && !isTareKnown(gear) && (
          <p className="mb-0">
            No stop weight: nobody read its tare (TW).{' '}
            <Link href={`/cylinders/${gear.id}/stamps`}>Enter what the collar says</Link>, or have an attendant fill it
            by its bleeder.
          </p>
        )}
      </SlipPaper>
    </form>
  )
}

/** What to do with an overfilled cylinder. */
function Overfilled({ kind }: { kind: CylinderKind }) {
  return (
    <div className="overfilled" role="alert">
      <p className="mb-1">
        <StateMark state="stop" /> <strong>Overfilled.</strong> Its liquid has too little room to swell.
      </p>
      <ul className="mb-0">
        <li>Do not heat, carry, use or vent it.</li>
        <li>{kindFacts[kind].whenOverfilled}</li>
        <li>Save the weight, so that every page knows of it.</li>
      </ul>
    </div>
  )
}
