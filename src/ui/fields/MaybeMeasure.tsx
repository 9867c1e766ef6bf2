'use client'

import { useState, type ReactNode } from 'react'
import type { DisplayRole } from '@/core/base/quantity'
import { QuantityField } from './QuantityField'
import { readQuantity, typedOf, type TypedQuantity } from './typedQuantity'
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
  const [typed, setTyped] = useState<{ as: TypedQuantity; value: number | null } | null>(null)
  const shown = typed?.value === value ? typed.as : typedOf(value, role, system)
  return (
    <QuantityField
      compact
      optional
      label={label}
      role={role}
      typed={shown}
      issue={issue}
      {...(hint !== undefined && { hint })}
      onTyped={(next) => {
        const { value: number, issue: wrong } = readQuantity(next, role)
        // Unreadable text keeps the last valid number.
        const taken = wrong === null ? number : value
        setTyped({ as: next, value: taken })
        set(taken)
      }}
    />
  )
}
