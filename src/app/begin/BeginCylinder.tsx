'use client'

import { typicalSizes, type TypicalSize } from '@/core/cylinders/typicalSizes'
import Form from 'react-bootstrap/Form'
import { CylinderDrawing } from '@/ui/drawings/CylinderDrawing'
import { MonthField } from '@/ui/fields/MonthField'
import { QuantityField } from '@/ui/fields/QuantityField'
import type { BeginPart } from './beginForm'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Those most rigs have; the others are entered by their stamps later. */
const offered = ['removable-20', 'removable-30', 'removable-10', 'removable-100', 'bottle-1', 'co2-5']

const sizes: readonly TypicalSize[] = offered.flatMap((id) => typicalSizes.find((size) => size.id === id) ?? [])

/** Wider where it holds more; by eye. */
function drawnWidth({ waterCapacityKg }: TypicalSize): number {
  return Math.min(92, 40 + 7 * Math.sqrt(waterCapacityKg))
}

/** One cylinder, chosen by picture; contents only by scale. */
export function BeginCylinder({ values, set, issueAt, thisMonth }: BeginPart) {
  return (
    <>
      <fieldset className="size-cards">
        <legend>Which looks like yours?</legend>
        {sizes.map((size) => (
          <label key={size.id} className={values.sizeId === size.id ? 'chosen' : ''}>
            <input
              type="radio"
              name="size"
              className="visually-hidden"
              checked={values.sizeId === size.id}
              onChange={() => set({ sizeId: size.id })}
            />
            <CylinderDrawing
              kind={size.kind}
              waterCapacityKg={size.waterCapacityKg}
              level={0}
              title={size.name}
              width={drawnWidth(size)}
            />
            <span>{size.name}</span>
          </label>
        ))}
        <label className={values.sizeId === null ? 'chosen' : ''}>
          <input
            type="radio"
            name="size"
            className="visually-hidden"
            checked={values.sizeId === null}
            onChange={() => set({ sizeId: null })}
          />
          <span>Another, or later</span>
        </label>
      </fieldset>
      {values.sizeId !== null && (
        <div className="fields narrow">
          <div>
            <Form.Label htmlFor="cylinder-count">How many of them</Form.Label>
            <Form.Select
              id="cylinder-count"
              value={values.count}
              onChange={(event) => set({ count: event.target.value })}
            >
              {['1', '2', '3', '4', '5', '6'].map((count) => (
                <option key={count}>{count}</option>
              ))}
            </Form.Select>
          </div>
          <QuantityField
            optional
            label={sharedLabels.onTheScaleNow}
            role="cylinderMass"
            typed={values.gross}
            issue={issueAt('cylinder.grossKg')}
            hint={Number(values.count) > 1 ? 'the first of them' : 'only the scale tells what is in it'}
            onTyped={(gross) => set({ gross })}
          />
          <MonthField
            label="Month it was made, on its collar"
            text={values.made}
            latest={thisMonth}
            issue={issueAt('cylinder.madeMonth')}
            hint="such as 03-20; keep it empty if you cannot read it"
            onText={(made) => set({ made })}
          />
        </div>
      )}
      <p className="hint">
        Usual figures of that size are assumed until you enter the stamps on your own collar: till then there is no
        weight to stop a fill at. A tank fixed to the rig is entered later too.
      </p>
    </>
  )
}
