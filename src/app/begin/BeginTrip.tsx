'use client'

import { TripPlaceFields, type PlaceValues } from '@/app/trips/plan/TripPlaceFields'
import type { BeginPart } from './beginForm'

/** Where, when, how high and how cold. */
export function BeginTrip({ values, set, issueAt }: BeginPart) {
  const { tripName, startDay, nights, altitude, coldest } = values
  const place: PlaceValues = { name: tripName, startDay, nights, altitude, coldest }
  return (
    <div className="fields two">
      <TripPlaceFields
        values={place}
        set={({ name, ...place }) => set({ ...place, ...(name !== undefined && { tripName: name }) })}
        issueAt={(path) => issueAt(`trip.${path}`)}
        usualName="The first trip"
        coldHint="a guess is better than none"
      />
    </div>
  )
}
