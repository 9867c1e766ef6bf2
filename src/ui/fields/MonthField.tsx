'use client'

import { useId, type ReactNode } from 'react'
import Form from 'react-bootstrap/Form'
import { formatMonth } from '@/core/time/months'
import { readMonthField } from './readMonthField'

/** A field that understands months as stamped. */
export function MonthField({
  label,
  text,
  onText,
  latest,
  issue,
  hint,
}: {
  label: ReactNode
  text: string
  onText: (text: string) => void
  latest: string
  issue: string | null
  hint: string
}) {
  const id = useId()
  const read = readMonthField(text, latest)
  // A month half typed is left in peace.
  const complaint = text.trim().length >= 4 ? (read.issue ?? issue) : issue
  return (
    <div>
      <Form.Label htmlFor={id}>{label}</Form.Label>
      <Form.Control
        id={id}
        value={text}
        placeholder="03-20"
        autoComplete="off"
        aria-invalid={complaint !== null}
        onChange={(event) => onText(event.target.value)}
      />
      <div role="alert">{complaint && <p className="issue mb-0">{complaint}</p>}</div>
      <p className="hint mb-0">{read.month ? `= ${formatMonth(read.month)}` : hint}</p>
    </div>
  )
}
