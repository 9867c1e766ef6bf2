'use client'

import { useState, type ReactNode } from 'react'
import Form from 'react-bootstrap/Form'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { drawingLevels } from '@/core/cylinders/contents/drawingLevels'
import { contents } from '@/core/cylinders/contents/contents'
import { contentsInput, gearContents } from '@/core/cylinders/contents/gearContents'
import { fillAccount, type FillStop } from '@/core/fill/fillAccount'
import type { Finding } from '@/core/findings/Finding'
import { hasStop } from '@/core/findings/verdict'
import { InputError } from '@/core/base/InputError'
import { pumpSlip, type PumpFill } from '@/core/fill/pumpSlip'
import { CylinderDrawing } from '@/ui/drawings/CylinderDrawing'
import { FindingList } from '@/ui/figures/FindingList'
import { QuantityField } from '@/ui/fields/QuantityField'
import { isEmpty, readQuantity } from '@/ui/fields/typedQuantity'
import { SaveBar } from '@/ui/fields/SaveBar'
import { WhenField } from '@/ui/fields/WhenField'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { FillCheck } from './FillCheck'
import { PaidFields } from './PaidFields'
import { useFill } from './useFill'
import { tryCalculation } from '@/ui/state/tryCalculation'
import { fillLabels } from '@/ui/terms/fillLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** How attendants know that it is full. */
const pumpWays = [
  {
    id: 'bleeder',
    name: 'bleeder open a quarter turn',
    words: 'White spray at the bleeder: full. Filler shut first, then bleeder, then the cylinder’s valve.',
  },
  {
    id: 'stops-itself',
    name: 'the pump stops itself',
    words:
      'It vents back and stops by its own float or flow. Weigh it afterwards, or read its gauge: nobody saw the level.',
  },
  {
    id: 'no-bleeder',
    name: 'no bleeder is used',
    words:
      'Then only the overfill stop in the valve stands between full and too full. Weigh it before it goes into the car.',
  },
] as const

const wayStops: Readonly<Record<(typeof pumpWays)[number]['id'], FillStop>> = {
  bleeder: 'bleeder',
  'stops-itself': 'itself',
  'no-bleeder': 'unseen',
}

/** At the pump: what it should take by level, what it took, and what it weighs afterwards. */
export function PumpBench({
  gear,
  findings,
  children,
}: {
  gear: CylinderGear
  findings: readonly Finding[]
  children: ReactNode
}) {
  const [way, setWay] = useState<(typeof pumpWays)[number]['id']>('bleeder')
  const { values, set, saveFill, whenField, saving, issueAt } = useFill(`pump ${gear.id}`, gear.name)
  const { temperature, metered, paid, fees, gross, source } = values
  const held = gearContents(gear)
  const stopped = hasStop(findings)
  const read = {
    temperature: readQuantity(temperature, 'temperature'),
    metered: readQuantity(metered, 'liquidVolume'),
    paid: readQuantity(paid, 'money'),
    fees: readQuantity(fees, 'money'),
    gross: readQuantity(gross, 'cylinderMass'),
  }
  let pump: PumpFill | null = null
  let issue: string | null = null
  try {
    pump = pumpSlip(gear, held?.netKg ?? null, read.temperature.value)
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    issue = error.message
  }
  const { value: grossKg } = read.gross
  const weighed =
    grossKg === null ? null : tryCalculation(() => contents(contentsInput(gear, { grossKg, hangingKg: 0 }))).found
  const stoppedBy = wayStops[way]
  const account = fillAccount({
    cylinder: gear,
    beforeKg: held?.netKg ?? null,
    meteredM3: read.metered.value,
    stoppedBy,
    measuredKg: weighed?.netKg ?? null,
    liquidK: read.temperature.value,
  })
  const toSave = [read.metered, read.paid, read.fees, read.gross].every((field) => field.issue === null)

  return (
    <form
      className="bench-and-slip fill-form"
      noValidate
      onSubmit={async (event) => {
        event.preventDefault()
        if (!toSave) return
        const after =
          read.gross.value === null ? null : { way: 'weighed', grossKg: read.gross.value, hangingKg: 0, source }
        const noted = {
          after,
          meteredM3: read.metered.value,
          paid: read.paid.value,
          fees: read.fees.value,
          liquidK: read.temperature.value,
        }
        const fill = { mode: 'pump', stoppedBy, shownBefore: null, ...noted }
        await saveFill({ cylinderId: gear.id, ...fill, note: pumpWays.find(({ id }) => id === way)?.name ?? null })
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
              level={drawingLevels('propane', held, gear.waterCapacityKg, read.temperature.value).level}
              limitLevel={pump?.volumeLimitFraction ?? null}
              title={`${gear.name} with its level`}
            />
            <figcaption>red mark: level to stop at</figcaption>
          </figure>
          <div className="at-the-scale">
            <div className="fields">
              <div>
                <Form.Label htmlFor="pump-way">How the attendant knows</Form.Label>
                <Form.Select id="pump-way" value={way} onChange={(event) => setWay(event.target.value as typeof way)}>
                  {pumpWays.map(({ id, name }) => (
                    <option key={id} value={id}>
                      {name}
                    </option>
                  ))}
                </Form.Select>
                <p className="hint mb-0">{pumpWays.find(({ id }) => id === way)?.words}</p>
              </div>
              <QuantityField
                label={sharedLabels.temperatureOfTheLiquid}
                optional
                role="temperature"
                typed={temperature}
                issue={issue}
                hint="about that of the pump’s tank: cold liquid stops lower"
                onTyped={(typed) => set({ temperature: typed })}
              />
            </div>
            {!stopped && (
              <>
                <h2 className="mt-3">Afterwards</h2>
                <div className="fields">
                  <QuantityField
                    label={fillLabels.thePumpMetered}
                    optional
                    role="liquidVolume"
                    typed={metered}
                    issue={issueAt('meteredM3')}
                    onTyped={(typed) => set({ metered: typed })}
                  />
                  <PaidFields values={values} set={set} issueAt={issueAt} />
                  <QuantityField
                    label="On the scale afterwards"
                    optional
                    role="cylinderMass"
                    typed={gross}
                    issue={issueAt('grossKg') ?? issueAt('after.grossKg')}
                    hint="the only sure way"
                    onTyped={(typed, from) => set({ gross: typed, source: from })}
                  />
                </div>
                <FillCheck account={account} />
                <WhenField {...whenField} />
                <SaveBar
                  label={fillLabels.saveTheFill}
                  saving={saving}
                  dirty={![metered, paid, fees, gross].every(isEmpty)}
                />
              </>
            )}
          </div>
        </div>
      </div>
      <div className="slip-side">
        <SlipPaper
          title={gear.name}
          sub="gallons to expect: a cross-check, never the stop"
          slip={stopped ? null : (pump?.slip ?? null)}
        >
          {stopped && <p className="mb-0">Nothing: it may not be filled.</p>}
          {!stopped && held === null && (
            <p className="hint mb-0">Its contents are unknown: this is for an empty one.</p>
          )}
        </SlipPaper>
        <div className="mt-3">{children}</div>
      </div>
    </form>
  )
}
