import { addMonths, format } from 'date-fns'
import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { TripBench } from '@/app/trips/plan/TripBench'
import { loadRigSnapshot } from '@/app/shared/pageData'

export const metadata: Metadata = { title: 'New trip' }

export default function NewTripPage() {
  const { rig, appliances, gear, nowIso } = loadRigSnapshot()
  if (!rig) redirect('/')
  return (
    <TripBench
      rigId={rig.id}
      stored={null}
      plan={null}
      appliances={appliances}
      rig={gear}
      acceptances={[]}
      nowIso={nowIso}
      suggestedDay={format(addMonths(new Date(nowIso), 1), 'yyyy-MM-dd')}
    />
  )
}
