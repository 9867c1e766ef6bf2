'use client'

import { Link } from '@/ui/shell/Link'
import { useState } from 'react'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import { Choice } from '@/ui/fields/Choice'
import { Measure } from '@/ui/fields/Measure'
import type { Co2Held } from './co2Held'
import { InTheRoom } from './InTheRoom'
import { KegBench } from './KegBench'
import { TiresAndTools } from './TiresAndTools'
import { FastDrawBench } from './FastDrawBench'
import { runLabels } from '@/ui/terms/runLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const FIVE_POUND = { waterCapacityKg: 3.334, tareKg: 3.447, gasKg: 2.268 }
const uses = ['Keg', runLabels.tiresAndTools, runLabels.fastDraw, runLabels.ifItGetsOut] as const

/** What CO2 is used for, and how far what is in the cylinder goes. */
export function Co2Bench({
  cylinders,
  altitudeM,
  roomM3,
}: {
  cylinders: readonly CylinderGear[]
  altitudeM: number
  roomM3: number | null
}) {
  const [id, setId] = useState(cylinders[0]?.id ?? '')
  const [use, setUse] = useState<(typeof uses)[number]>('Keg')
  const chosen = cylinders.find((one) => one.id === id)
  const weighedKg = chosen ? (gearContents(chosen)?.netKg ?? null) : null
  const [typedKg, setTypedKg] = useState<number | null>(null)
  const held: Co2Held = {
    gasKg: typedKg ?? weighedKg ?? (chosen ? 0 : FIVE_POUND.gasKg),
    waterCapacityKg: chosen?.waterCapacityKg ?? FIVE_POUND.waterCapacityKg,
    tareKg: chosen?.tareKg ?? FIVE_POUND.tareKg,
    altitudeM,
  }
  return (
    <>
      <p className="caution-note">
        Upright always, through a regulator made for it. It has no smell, it sinks, and a burst disc lets all of it go
        at once: outside, or with a door open.
      </p>
      <div className="fields narrow">
        {cylinders.length > 0 && (
          <Choice
            id="co2-cylinder"
            label={sharedLabels.cylinder}
            value={id}
            options={cylinders.map(({ id: one, name }) => [one, name] as const)}
            set={(next) => {
              setId(next)
              setTypedKg(null)
            }}
          />
        )}
        <Measure label="CO2 in it" role="cylinderMass" mayBeZero value={held.gasKg} set={setTypedKg} />
      </div>
      <p className="hint">
        {chosen === undefined ? (
          <>
            No CO2 cylinder is entered: a usual 5 lb one is taken. <Link href="/cylinders/new">Enter yours</Link>
          </>
        ) : weighedKg === null ? (
          'It was never weighed: only its weight tells, pressure does not.'
        ) : (
          'By its last weighing; pressure does not tell while there is liquid in it.'
        )}
      </p>
      <div className="tray-groups" role="group" aria-label="What it is used for">
        {uses.map((one) => (
          <button key={one} type="button" aria-pressed={one === use} onClick={() => setUse(one)}>
            {one}
          </button>
        ))}
      </div>
      {use === 'Keg' && <KegBench held={held} />}
      {use === runLabels.tiresAndTools && <TiresAndTools held={held} />}
      {use === runLabels.fastDraw && <FastDrawBench held={held} />}
      {use === runLabels.ifItGetsOut && <InTheRoom held={held} roomM3={roomM3} />}
    </>
  )
}
