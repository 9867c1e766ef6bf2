'use client'

import Form from 'react-bootstrap/Form'
import { type ApplianceKind, applianceTraits } from '@/core/appliances/applianceKinds'
import { heaterKinds } from '@/core/heat/heaters/heater'
import { heaterTemplates } from '@/core/heat/heaters/heaterTemplates'
import type { Supply } from '@/core/cylinders/cylinderKind'
import { QuantityField } from '@/ui/fields/QuantityField'
import { Amount } from '@/ui/figures/Amount'
import type { BeginPart } from './beginForm'

/** Appliances that most rigs have, other than heaters. */
const besides: readonly ApplianceKind[] = ['cooktop', 'fridge', 'water-heater', 'oven', 'grill']

/** Heater and other appliances. */
export function BeginHeat({ values, set, issueAt }: BeginPart) {
  const toggle = (kind: ApplianceKind): void =>
    set({
      burns: values.burns.includes(kind) ? values.burns.filter((other) => other !== kind) : [...values.burns, kind],
    })
  return (
    <div className="fields two">
      <fieldset>
        <legend>What heats it?</legend>
        {heaterKinds
          .filter((kind) => kind !== 'other')
          .map((kind) => (
            <Form.Check
              key={kind}
              type="radio"
              id={`heater ${kind}`}
              name="heater"
              label={`${heaterTemplates[kind].name}: ${heaterTemplates[kind].words}`}
              checked={values.heater === kind}
              onChange={() => set({ heater: kind })}
            />
          ))}
        <Form.Check
          type="radio"
          id="heater none"
          name="heater"
          label="Nothing that burns gas"
          checked={values.heater === 'none'}
          onChange={() => set({ heater: 'none' })}
        />
        <Form.Check
          type="radio"
          id="heater later"
          name="heater"
          label="Later"
          checked={values.heater === null}
          onChange={() => set({ heater: null })}
        />
        {values.heater !== null && values.heater !== 'none' && (
          <div className="fields narrow mt-3">
            <QuantityField
              optional
              label="Its heat input on high"
              role="power"
              typed={values.heaterInput}
              issue={issueAt('heaterInputW')}
              hint="from its plate"
              onTyped={(heaterInput) => set({ heaterInput })}
            />
            {values.heater === 'portable-radiant' && (
              <div>
                <Form.Label htmlFor="heater-supply">What feeds it</Form.Label>
                <Form.Select
                  id="heater-supply"
                  value={values.heaterSupply ?? 'bottles'}
                  onChange={(event) => set({ heaterSupply: event.target.value as Supply })}
                >
                  <option value="bottles">bottles screwed onto it</option>
                  <option value="line">a hose from the cylinder</option>
                </Form.Select>
              </div>
            )}
          </div>
        )}
      </fieldset>
      <fieldset>
        <legend>What burns besides?</legend>
        {besides.map((kind) => (
          <Form.Check
            key={kind}
            id={`burns ${kind}`}
            label={
              <>
                {applianceTraits[kind].name}, usually{' '}
                <Amount quantity={{ value: applianceTraits[kind].inputW, role: 'power' }} />
              </>
            }
            checked={values.burns.includes(kind)}
            onChange={() => toggle(kind)}
          />
        ))}
      </fieldset>
    </div>
  )
}
