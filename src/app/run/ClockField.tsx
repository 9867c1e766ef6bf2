'use client'

import { useId } from 'react'
import Form from 'react-bootstrap/Form'
import { formatClock, parseClock } from '@/core/time/tripClock'

/** An hour of the clock. */
export function ClockField({ label, hour, set }: { label: string; hour: number; set: (hour: number) => void }) {
  const id = useId()
  return (
    <div>
      <Form.Label htmlFor={id}>{label}</Form.Label>
      <Form.Control
        id={id}
        size="sm"
        type="time"
        value={formatClock(hour)}
        onChange={(event) => {
          const read = parseClock(event.target.value)
          if (read !== null) set(read)
        }}
      />
    </div>
  )
}
