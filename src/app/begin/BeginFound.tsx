'use client'

import Form from 'react-bootstrap/Form'
import { nameInSentence } from '@/core/cylinders/cylinderKind'
import { equipmentFacts, equipmentKinds, type EquipmentKind } from '@/core/cylinders/equipment/equipment'
import { MonthField } from '@/ui/fields/MonthField'
import type { BeginPart, Found } from './beginForm'

const answers: readonly (readonly [Found, string])[] = [
  ['not-known', 'not known'],
  ['sound', 'there, looked over just now, sound'],
  ['there', 'there, to be looked over'],
  ['none', 'none'],
]

/** A survey of what came with the rig; “not known” is an honest answer and counts as not ready. */
export function BeginFound({ values, set, thisMonth }: BeginPart) {
  const change = (kind: EquipmentKind, next: Partial<{ state: Found; made: string }>): void =>
    set({ found: { ...values.found, [kind]: { ...values.found[kind], ...next } } })
  return (
    <fieldset>
      <legend>What do you know of these?</legend>
      <p className="hint">
        An inherited rig is often wrong for years. “Not known” is an honest answer: it is asked for before you leave.
      </p>
      <ul className="survey">
        {equipmentKinds.map((kind) => {
          const { state, made } = values.found[kind]
          return (
            <li key={kind}>
              <div>
                <Form.Label htmlFor={`found ${kind}`}>{equipmentFacts[kind].name}</Form.Label>
                <Form.Select
                  id={`found ${kind}`}
                  value={state}
                  onChange={(event) => change(kind, { state: event.target.value as Found })}
                >
                  {answers.map(([value, words]) => (
                    <option key={value} value={value}>
                      {words}
                    </option>
                  ))}
                </Form.Select>
                <p className="hint mb-0">Sound: {equipmentFacts[kind].look}</p>
              </div>
              {(state === 'there' || state === 'sound') && (
                <MonthField
                  label={`Month on the ${nameInSentence(equipmentFacts[kind].name)}`}
                  text={made}
                  latest={thisMonth}
                  issue={null}
                  hint="empty if you cannot find it"
                  onText={(text) => change(kind, { made: text })}
                />
              )}
            </li>
          )
        })}
      </ul>
    </fieldset>
  )
}
