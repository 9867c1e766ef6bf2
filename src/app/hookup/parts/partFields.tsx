'use client'

import { useState } from 'react'
import type { LinePart } from '@/core/hookup/line/line'
import { Choice } from '@/ui/fields/Choice'
import { MonthField } from '@/ui/fields/MonthField'
import { readMonthField } from '@/ui/fields/readMonthField'

/** Field for the month of manufacture; incomplete text is ignored. */
export function MadeDateField({
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
export function Linked<Thing extends { id: string; name: string }>({
  id,
  label,
  things,
  value,
  set,
}: {
  id: string
  label: string
  things: readonly Thing[]
  value: string | undefined
  set: (thing: Thing | undefined) => void
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
