'use client'

import Form from 'react-bootstrap/Form'
import { type ApplianceKind, applianceTraits } from '@/core/appliances/applianceKinds'
import { heaterKinds } from '@/core/heat/heaters/heater'
import { heaterTemplates } from '@/core/heat/heaters/heaterTemplates'
import { Amount } from '@/ui/figures/Amount'
import type { BeginPart } from './beginForm'

/** Appliances that most rigs have, other than heaters. */
const besides: readonly ApplianceKind[] = ['cooktop', 'fridge', 'water-heater', 'oven', 'grill']

/** Heater and other appliances. */
export function BeginHeat({ values, set }: BeginPart) {
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
