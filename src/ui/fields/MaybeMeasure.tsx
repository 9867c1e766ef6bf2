'use client'

import { useState, type ReactNode } from 'react'
import type { DisplayRole } from '@/core/base/quantity'
import { formatForField } from '@/core/units/formatQuantity'
import { QuantityField } from './QuantityField'
import { readQuantity } from './readQuantity'
import { useUnits } from '@/ui/state/UnitsProvider'

/** A number that may be left empty; null while it is. */
export function MaybeMeasure({
  label,
  role,
  value,
  set,
  issue = null,
  hint,
}: {
  label: string
  role: DisplayRole
  value: number | null
  set: (value: number | null) => void
  issue?: string | null
  hint?: ReactNode
}) {
  const { system } = useUnits()
  const [typed, setTyped] = useState<{ text: string; value: number | null } | null>(null)
  const text = typed?.value === value ? typed.text : value === null ? '' : formatForField({ value, role }, system)
  return (
    <QuantityField
      compact
      optional
      label={label}
      role={role}
      text={text}
      issue={issue}
      {...(hint !== undefined && { hint })}
      onText={(next) => {
        const { value: number, issue: wrong } = readQuantity(next, role, system)
        // Unreadable text keeps the last valid number.
        const taken = wrong === null ? number : value
        setTyped({ text: next, value: taken })
        set(taken)
      }}
    />
  )
}
