import type { Metadata } from 'next'
import { TripBench } from '@/app/trips/plan/TripBench'
import { TripActions } from '@/app/trips/TripFoot'
import { TripHeader } from '@/app/trips/TripHeader'
import { tripPageData } from '@/app/trips/tripPageData'
import { loadRigSnapshot } from '@/app/shared/pageData'

export const metadata: Metadata = { title: 'Trip' }

export default async function PlanPage({ params }: { params: Promise<{ id: string }> }) {
  const { row, plan, gear, acceptances, nowIso, isNext } = tripPageData((await params).id)
  return (
    <>
      <TripHeader trip={row} isNext={isNext} />
      <TripBench
        key={row.version}
        rigId={row.rigId}
        stored={row}
        plan={plan}
        appliances={loadRigSnapshot().appliances}
        rig={gear}
        acceptances={acceptances}
        nowIso={nowIso}
        suggestedDay={row.startDay}
      />
      <TripActions trip={row} suggestedDay={nowIso.slice(0, 10)} />
    </>
  )
}
