'use client'

import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { InputError } from '@/core/base/InputError'
import { decantOutlook, type DecantOutlook } from '@/core/fill/decanting/decantOutlook'
import { SIXTY_F_K } from '@/core/units/convert'
import { QuantityField } from '@/ui/fields/QuantityField'
import { nothingTyped, readQuantity } from '@/ui/fields/typedQuantity'
import { useSessionState } from '@/ui/state/useSessionState'
import { DecantResult } from './DecantResult'
import { fillLabels } from '@/ui/terms/fillLabels'

/** A cylinder that could be turned upside down. */
export interface SupplyCylinder {
  id: string
  name: string
  netKg: number
  tareKg: number
  waterCapacityKg: number
}

const MAX_IN_A_ROW = 12

/** Where the hiss will stop: an estimate with its band, chilled and not, and what venting would do. */
export function DecantBench({ bottle, supplies }: { bottle: CylinderGear; supplies: readonly SupplyCylinder[] }) {
  const [supplyId, setSupplyId] = useState(supplies[0]?.id ?? '')
  const [supplyText, setSupplyText] = useSessionState('decant supplyText', nothingTyped)
  const [bottleText, setBottleText] = useSessionState('decant bottleText', nothingTyped)
  const [residualText, setResidualText] = useSessionState('decant residualText', nothingTyped)
  const [count, setCount] = useState(1)
  const supply = supplies.find(({ id }) => id === supplyId)
  const read = {
    supply: readQuantity(supplyText, 'temperature'),
    bottle: readQuantity(bottleText, 'temperature'),
    residual: readQuantity(residualText, 'bottleMass'),
  }
  const supplyK = read.supply.value ?? SIXTY_F_K
  const readable = Object.values(read).every(({ issue }) => issue === null)
  let outlook: DecantOutlook | null = null
  let refusal: InputError | null = null
  if (supply && readable) {
    try {
      outlook = decantOutlook({
        supply: { ...supply, temperatureK: supplyK },
        bottle: {
          temperatureK: read.bottle.value ?? supplyK,
          tareKg: bottle.tareKg,
          waterCapacityKg: bottle.waterCapacityKg,
          residualKg: read.residual.value ?? 0,
        },
        count,
      })
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      refusal = error
    }
  }
  const wrongAt = (path: string): string | null => refusal?.issues.find((issue) => issue.path === path)?.message ?? null

  return (
    <section className="decant-bench" aria-label={fillLabels.whereTheHissWillStop}>
      <h2>{fillLabels.whereTheHissWillStop}</h2>
      {supplies.length === 0 ? (
        <p>No cylinder that was weighed can serve as the supply. Weigh one under Cylinders.</p>
      ) : (
        <>
          <div className="fields">
            <div>
              <Form.Label htmlFor="supply">From</Form.Label>
              <Form.Select id="supply" value={supplyId} onChange={(event) => setSupplyId(event.target.value)}>
                {supplies.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </Form.Select>
            </div>
            <QuantityField
              label={fillLabels.supplysTemperature}
              optional
              role="temperature"
              typed={supplyText}
              issue={wrongAt('supplyTemperatureK')}
              hint="about the air’s; 60 °F if not entered"
              onTyped={setSupplyText}
            />
            <QuantityField
              label={fillLabels.bottlesTemperature}
              optional
              role="temperature"
              typed={bottleText}
              issue={wrongAt('bottleTemperatureK')}
              hint="chilled on ice and salt, about 20 °F; the supply’s if not entered"
              onTyped={setBottleText}
            />
            <QuantityField
              label="Still in the bottle"
              optional
              role="bottleMass"
              typed={residualText}
              issue={wrongAt('residualKg')}
              hint="weighed empty less its stamp"
              onTyped={setResidualText}
            />
            <div>
              <Form.Label htmlFor="row-count">{fillLabels.bottlesInARow}</Form.Label>
              <Form.Select id="row-count" value={count} onChange={(event) => setCount(Number(event.target.value))}>
                {Array.from({ length: MAX_IN_A_ROW }, (_, i) => (
                  <option key={i} value={i + 1}>
                    {i + 1}
                  </option>
                ))}
              </Form.Select>
            </div>
          </div>
          {outlook && <DecantResult outlook={outlook} />}
        </>
      )}
    </section>
  )
}
