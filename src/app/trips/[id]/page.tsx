import type { Metadata } from 'next'
import { TripBench } from '@/app/trips/plan/TripBench'
import { TripFoot } from '@/app/trips/TripFoot'
import { TripTop } from '@/app/trips/TripTop'
import { tripWorld } from '@/app/trips/tripWorld'
import { loadWorld } from '@/app/shared/world'

export const metadata: Metadata = { title: 'Trip' }

export default async function PlanPage({ params }: { params: Promise<{ id: string }> }) {
  const { row, plan, gear, acceptances, nowIso, isNext } = tripWorld((await params).id)
  return (
    <>
      <TripTop trip={row} isNext={isNext} />
      <TripBench
        key={row.version}
        rigId={row.rigId}
        stored={row}
        plan={plan}
        appliances={loadWorld().appliances}
        rig={gear}
        acceptances={acceptances}
        nowIso={nowIso}
        suggestedDay={row.startDay}
      />
      <TripFoot trip={row} suggestedDay={nowIso.slice(0, 10)} />
    </>
  )
}
