'use client'

import { useState, type ReactNode } from 'react'
import type { DisplayRole } from '@/core/base/quantity'
import { QuantityField } from './QuantityField'
import { readQuantity, typedOf, type TypedQuantity } from './typedQuantity'
import { useUnits } from '@/ui/state/UnitsProvider'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** A number that always has a value: what is typed counts as soon as it can be read, and what moves it shows in the field. */
export function Measure({
  label,
  role,
  value,
  set,
  mayBeZero = false,
  issue = null,
  hint,
}: {
  label: string
  role: DisplayRole
  value: number
  set: (value: number) => void
  mayBeZero?: boolean
  issue?: string | null
  hint?: ReactNode
}) {
  const { system } = useUnits()
  // The typed text stays while it means the current value.
  const [typed, setTyped] = useState<{ as: TypedQuantity; value: number } | null>(null)
  const shown = typed?.value === value ? typed.as : typedOf(value, role, system)
  const read = readQuantity(shown, role).value
  const isRefused = read !== null && (mayBeZero ? read < 0 : read <= 0)
  const refusal = mayBeZero ? sharedLabels.itCannotBeLessThanNothing : sharedLabels.itIsMoreThanNothing
  return (
    <QuantityField
      compact
      label={label}
      role={role}
      typed={shown}
      issue={isRefused ? refusal : issue}
      {...(hint !== undefined && { hint })}
      onTyped={(next) => {
        const number = readQuantity(next, role).value
        const isTaken = number !== null && (mayBeZero ? number >= 0 : number > 0)
        setTyped({ as: next, value: isTaken ? number : value })
        if (isTaken) set(number)
      }}
    />
  )
}
