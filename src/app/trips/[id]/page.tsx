import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { withClockChanges } from '@/app/clockChanges'
import { TripBench } from '@/app/trips/TripBench'
import { loadWorld } from '@/app/world'
import { database } from '@/records/database'
import { findTrip } from '@/records/trips'

export const metadata: Metadata = { title: 'Trip' }

export default async function OneTripPage({ params }: { params: Promise<{ id: string }> }) {
  const trip = findTrip(database(), (await params).id)
  if (!trip) notFound()
  const { appliances, gear, nowIso } = loadWorld()
  return (
    <TripBench
      key={trip.row.version}
      rigId={trip.row.rigId}
      stored={trip.row}
      plan={withClockChanges(trip.plan)}
      appliances={appliances}
      rig={gear}
      nowIso={nowIso}
      suggestedDay={trip.row.startDay}
    />
  )
}
