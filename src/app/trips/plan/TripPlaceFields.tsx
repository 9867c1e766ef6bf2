'use client'

import type { ReactNode } from 'react'
import Form from 'react-bootstrap/Form'
import { QuantityField } from '@/ui/fields/QuantityField'
import { readNights } from '@/app/shared/nights'
import type { TripValues } from './tripForm'
import { sharedLabels } from '@/ui/terms/sharedLabels'
import { tripsLabels } from '@/ui/terms/tripsLabels'

/** Values of these fields, as typed. */
export type PlaceValues = Pick<TripValues, 'name' | 'startDay' | 'nights' | 'altitude' | 'coldest'>

/** A field of plain text with its sentence. */
function TextField({
  id,
  label,
  issue,
  ...more
}: {
  id: string
  label: string
  issue: string | null
  value: string
  onText: (text: string) => void
  type?: 'date'
  inputMode?: 'numeric'
  maxLength?: number
  placeholder?: string
}) {
  const { onText, ...control } = more
  return (
    <div>
      <Form.Label htmlFor={id}>{label}</Form.Label>
      <Form.Control id={id} {...control} onChange={(event) => onText(event.target.value)} />
      {issue !== null && <p className="issue">{issue}</p>}
    </div>
  )
}

/** Where, when, for how long, how high and how cold. */
export function TripPlaceFields({
  values,
  set,
  issueAt,
  usualName,
  coldHint,
  children,
}: {
  values: PlaceValues
  set: (change: Partial<PlaceValues>) => void
  /** What the server refused, by the field's name in the records. */
  issueAt: (path: 'name' | 'startDay' | 'nights' | 'altitudeM' | 'coldestK') => string | null
  /** Default. */
  usualName?: string
  coldHint?: string
  /** Further fields, between the nights and the height. */
  children?: ReactNode
}) {
  return (
    <>
      <TextField
        id="trip-name"
        label={tripsLabels.whereTo}
        maxLength={60}
        value={values.name}
        issue={issueAt('name')}
        onText={(text) => set({ name: text })}
        {...(usualName !== undefined && { placeholder: usualName })}
      />
      <TextField
        id="trip-day"
        label={tripsLabels.leavesOn}
        type="date"
        value={values.startDay}
        issue={issueAt('startDay')}
        onText={(text) => set({ startDay: text })}
      />
      <TextField
        id="trip-nights"
        label={sharedLabels.nights}
        inputMode="numeric"
        value={values.nights}
        issue={readNights(values.nights).issue ?? issueAt('nights')}
        onText={(text) => set({ nights: text })}
      />
      {children}
      <QuantityField
        compact
        label={sharedLabels.altitude}
        role="altitude"
        typed={values.altitude}
        issue={issueAt('altitudeM')}
        onTyped={(altitude) => set({ altitude })}
      />
      <QuantityField
        compact
        optional
        label="Coldest night"
        role="temperature"
        typed={values.coldest}
        issue={issueAt('coldestK')}
        hint={coldHint}
        onTyped={(coldest) => set({ coldest })}
      />
    </>
  )
}
