'use client'

import { useEffect, useId, useState, type ReactNode } from 'react'
import Form from 'react-bootstrap/Form'
import InputGroup from 'react-bootstrap/InputGroup'
import type { DisplayRole } from '@/core/base/quantity'
import { displayRoles, type PlainUnit } from '@/core/units/displayRoles'
import { formatQuantity } from '@/core/units/formatQuantity'
import { unitOf } from '@/core/units/unitTable'
import { useCapture } from '@/ui/instruments/CaptureProvider'
import { isEmpty, readQuantity, shownText, typedOf, type TypedQuantity } from './typedQuantity'
import { useUnits } from '@/ui/state/UnitsProvider'

/** How long a half-typed quantity is left in peace before it is complained of. */
const PATIENCE_MS = 900

function plainSymbol({ prefix = '', suffix }: PlainUnit): string {
  return `${prefix} ${suffix}`.trim()
}

export interface QuantityFieldProps {
  label: ReactNode
  role: DisplayRole
  typed: TypedQuantity
  onTyped: (typed: TypedQuantity, source: 'typed' | 'scale') => void
  hint?: ReactNode
  /** A sentence from core or from the server about this field. */
  issue?: string | null
  compact?: boolean
  /** The label is only for screen readers, because the table row shows it. */
  quiet?: boolean
  optional?: boolean
}

/** A field that understands quantities as people type them; a reading can be captured into it. */
export function QuantityField({
  label,
  role,
  typed,
  onTyped,
  hint,
  issue,
  compact,
  quiet,
  optional,
}: QuantityFieldProps) {
  const { system } = useUnits()
  const { focusField } = useCapture()
  const id = useId()
  const [patient, setPatient] = useState(false)
  const shown = displayRoles[role]
  const symbol =
    shown.dimension === null ? plainSymbol(shown[system]) : unitOf(shown.dimension, shown[system].unit).symbol
  const reading = readQuantity(typed, role)
  const text = shownText(typed, role, system)

  useEffect(() => {
    if (!patient) return
    const timer = setTimeout(() => setPatient(false), PATIENCE_MS)
    return () => clearTimeout(timer)
  }, [patient, text])

  const complaint = patient ? null : (reading.issue ?? issue ?? null)
  const spelled = shown.dimension !== null && /[a-z°'"]/i.test(text) && reading.value !== null
  return (
    <div className={`quantity-field ${compact ? 'compact' : ''} ${complaint ? 'wrong' : ''}`}>
      <Form.Label htmlFor={id} visuallyHidden={quiet ?? false}>
        {label}
      </Form.Label>
      <InputGroup>
        <Form.Control
          id={id}
          value={text}
          inputMode="text"
          autoComplete="off"
          aria-invalid={complaint !== null}
          aria-describedby={`${id}-issue ${id}-hint`}
          onChange={(event) => {
            setPatient(true)
            onTyped({ text: event.target.value, system }, 'typed')
          }}
          onBlur={() => setPatient(false)}
          onFocus={() =>
            focusField({
              role,
              take: (value) => onTyped(typedOf(value, role, system), 'scale'),
            })
          }
        />
        <InputGroup.Text>{symbol}</InputGroup.Text>
      </InputGroup>
      <div id={`${id}-issue`} role="alert">
        {complaint && <p className="issue mb-0">{complaint}</p>}
      </div>
      <div id={`${id}-hint`} className="hint">
        {spelled && reading.value !== null ? `= ${formatQuantity({ value: reading.value, role }, system)}` : hint}
        {optional && isEmpty(typed) && (hint ? '; may stay empty' : 'may stay empty')}
      </div>
    </div>
  )
}
