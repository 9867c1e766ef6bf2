'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { Fluid } from '@/core/fluids/fluidData'
import { zoneFacts } from '@/core/hookup/catalogue/zone'
import type { LeakItemState } from '@/core/leak-test/sheet/leakTestState'
import { flames, proofOutcome, type PressureProof } from '@/core/leak-test/sheet/pressureProof'
import { QuantityField } from '@/ui/fields/QuantityField'
import { nothingTyped, readQuantity } from '@/ui/fields/typedQuantity'
import { leakTestLabels } from '@/ui/terms/leakTestLabels'

type Flame = (typeof flames)[number]

/** What a burner on the cylinder showed; CO2 is taken, not burned. */
const flameLabels: Readonly<Record<Fluid, Readonly<Record<Flame, { name: string; looks: string }>>>> = {
  propane: {
    steady: { name: 'Burned steadily', looks: 'on high, the whole time' },
    weak: { name: 'Weak flame', looks: 'small, lifting, or it faded' },
    none: { name: 'No flame', looks: 'it did not light, or went out' },
  },
  co2: {
    steady: { name: 'Gas came steadily', looks: 'the whole minute' },
    weak: { name: 'Little gas', looks: 'or it faded' },
    none: { name: 'No gas', looks: 'nothing came' },
  },
}

/** The place where the pressure is proved: by its gauge now, or by a burner after the soap. */
export function PressureCard({
  number,
  current,
  prove,
  later,
}: {
  number: number
  current: LeakItemState
  prove: (proof: PressureProof) => Promise<boolean>
  /** Goes on to the soap, to come back with a burner. */
  later: (() => void) | null
}) {
  const [busy, setBusy] = useState(false)
  const [gauge, setGauge] = useState(nothingTyped)
  const [temperature, setTemperature] = useState(nothingTyped)
  const [issue, setIssue] = useState<string | null>(null)
  const { item, last, state } = current
  const { gas } = zoneFacts[item.zone]
  const hasGauge = (item.provedBy?.gauge.length ?? 0) > 0
  const isAtCylinder = item.zone === 'cylinder' || item.zone === 'co2-cylinder'
  const say = async (proof: PressureProof): Promise<void> => {
    setBusy(true)
    await prove(proof)
    setBusy(false)
  }
  const readGauge = async (): Promise<void> => {
    const gaugePa = readQuantity(gauge, item.zone === 'low' ? 'linePressure' : 'cylinderPressure').value
    const lineK = readQuantity(temperature, 'temperature').value
    setIssue(gaugePa === null ? 'Enter what the gauge shows.' : null)
    if (gaugePa !== null) await say({ means: 'gauge', gaugePa, lineK })
  }
  const outcome = state === 'not-proved' && last?.proof ? proofOutcome(item.zone, last.proof) : null
  return (
    <section className="place-card" aria-label={leakTestLabels.thePlaceToSoap}>
      <p className="place-number">
        {number} · {zoneFacts[item.zone].name}
      </p>
      <h2>{item.name}</h2>
      <p>No smell, no hiss, appliances off. {item.expect}</p>
      {outcome && (
        <p className="issue" role="alert">
          {outcome.says}
        </p>
      )}
      {hasGauge && (
        <>
          <div className="fields">
            <QuantityField
              label={leakTestLabels.itsGaugeShows}
              role={item.zone === 'low' ? 'linePressure' : 'cylinderPressure'}
              typed={gauge}
              issue={issue}
              onTyped={setGauge}
            />
            {isAtCylinder && (
              <QuantityField
                label={leakTestLabels.temperatureOfTheCylinder}
                role="temperature"
                typed={temperature}
                onTyped={setTemperature}
              />
            )}
          </div>
          <Button className="mt-2" disabled={busy} onClick={() => void readGauge()}>
            {leakTestLabels.logTheGauge}
          </Button>
        </>
      )}
      <p className="mt-3 mb-1">
        {gas === 'propane'
          ? 'No gauge: soap first. Then shut every other cylinder and turn the lever here. Let one burner burn on high for 2 min, 5 with long hoses.'
          : 'No gauge: soap first. Then take gas through it for a minute.'}
      </p>
      <div className="grade-buttons" role="group" aria-label={leakTestLabels.theFlame}>
        {flames.map((flame) => (
          <button
            key={flame}
            type="button"
            className={flame === 'steady' ? 'none' : 'steady'}
            disabled={busy}
            onClick={() => void say({ means: 'burner', flame })}
          >
            <strong>{flameLabels[gas][flame].name}</strong>
            <span>{flameLabels[gas][flame].looks}</span>
          </button>
        ))}
      </div>
      {later && (
        <Button variant="quiet" size="sm" onClick={later}>
          {leakTestLabels.noGaugeSoapFirst}
        </Button>
      )}
    </section>
  )
}
