'use client'

import Form from 'react-bootstrap/Form'
import { QuantityField } from '@/ui/QuantityField'
import type { BeginPart } from './beginPart'

/** Where, when, how high and how cold. */
export function BeginTrip({ values, set, issueAt }: BeginPart) {
  return (
    <div className="fields two">
      <div>
        <Form.Label htmlFor="trip-name">Where to</Form.Label>
        <Form.Control
          id="trip-name"
          maxLength={60}
          value={values.tripName}
          placeholder="The first trip"
          onChange={(event) => set({ tripName: event.target.value })}
        />
      </div>
      <div>
        <Form.Label htmlFor="trip-day">Leaves on</Form.Label>
        <Form.Control
          id="trip-day"
          type="date"
          value={values.startDay}
          onChange={(event) => set({ startDay: event.target.value })}
        />
        {issueAt('trip.startDay') && <p className="issue">{issueAt('trip.startDay')}</p>}
      </div>
      <div>
        <Form.Label htmlFor="trip-nights">Nights</Form.Label>
        <Form.Control
          id="trip-nights"
          inputMode="numeric"
          value={values.nights}
          onChange={(event) => set({ nights: event.target.value })}
        />
        {!/^\s*\d+\s*$/.test(values.nights) && <p className="issue">Enter a whole number of nights, 1 to 366.</p>}
      </div>
      <QuantityField
        optional
        label="Altitude"
        role="altitude"
        text={values.altitude}
        issue={issueAt('trip.altitudeM')}
        onText={(altitude) => set({ altitude })}
      />
      <QuantityField
        optional
        label="Coldest night"
        role="temperature"
        text={values.coldest}
        issue={issueAt('trip.coldestK')}
        hint="a guess is better than none"
        onText={(coldest) => set({ coldest })}
      />
    </div>
  )
}
