'use client'

import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import type { DisplayRole } from '@/core/findings/quantity'
import type { LinePart } from '@/core/hookup/line'
import { formatForField } from '@/core/units/formatForField'
import { MonthField } from '@/ui/MonthField'
import { QuantityField } from '@/ui/QuantityField'
import { readMonthField } from '@/ui/readMonthField'
import { readQuantity } from '@/ui/readQuantity'
import { useUnits } from '@/ui/UnitsProvider'
import type { RigThing } from './hookupWorld'

/** One thing known of the part, chosen from a list. */
export function Choice({
  id,
  label,
  value,
  options,
  set,
}: {
  id: string
  label: string
  value: string
  options: readonly (readonly [string, string])[]
  set: (value: string) => void
}) {
  return (
    <div>
      <Form.Label htmlFor={id}>{label}</Form.Label>
      <Form.Select id={id} size="sm" value={value} onChange={(event) => set(event.target.value)}>
        {options.map(([key, words]) => (
          <option key={key} value={key}>
            {words}
          </option>
        ))}
      </Form.Select>
    </div>
  )
}

/** A number of the part that comes from its kind unless the owner says otherwise. */
export function Measure({
  label,
  role,
  value,
  set,
}: {
  label: string
  role: DisplayRole
  value: number
  set: (value: number) => void
}) {
  const { system } = useUnits()
  const [text, setText] = useState(() => formatForField({ value, role }, system))
  const zero = readQuantity(text, role, system).value === 0
  return (
    <QuantityField
      compact
      label={label}
      role={role}
      text={text}
      issue={zero ? 'It is more than nothing.' : null}
      onText={(next) => {
        setText(next)
        const read = readQuantity(next, role, system).value
        if (read !== null && read > 0) set(read)
      }}
    />
  )
}

/** When a part was made; what is half typed is not taken. */
export function MadeField({
  part,
  latest,
  set,
}: {
  part: LinePart
  latest: string
  set: (month: string | undefined) => void
}) {
  const [text, setText] = useState(part.madeMonth ?? '')
  return (
    <MonthField
      label="Made, month and year"
      text={text}
      latest={latest}
      issue={null}
      hint="printed or pressed into it"
      onText={(next) => {
        setText(next)
        const { month } = readMonthField(next, latest)
        if (month !== null || next.trim() === '') set(month ?? undefined)
      }}
    />
  )
}

/** Which thing of the rig’s a part is. */
export function Linked({
  id,
  label,
  things,
  value,
  set,
}: {
  id: string
  label: string
  things: readonly RigThing[]
  value: string | undefined
  set: (thing: RigThing | undefined) => void
}) {
  const options = [['', 'none of the rig’s'] as const, ...things.map((thing) => [thing.id, thing.name] as const)]
  return (
    <Choice
      id={id}
      label={label}
      value={value ?? ''}
      options={options}
      set={(chosen) => set(things.find((thing) => thing.id === chosen))}
    />
  )
}
