import { addMonths, format } from 'date-fns'
import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { TripBench } from '@/app/trips/TripBench'
import { loadWorld } from '@/app/world'

export const metadata: Metadata = { title: 'New trip' }

export default function NewTripPage() {
  const { rig, cylinders, appliances, equipment, lines, heat, nowIso } = loadWorld()
  if (!rig) redirect('/')
  return (
    <TripBench
      rigId={rig.id}
      stored={null}
      uses={[]}
      appliances={appliances}
      rig={{ cylinders: cylinders.map(({ gear }) => gear), equipment, lines, heat }}
      nowIso={nowIso}
      suggestedDay={format(addMonths(new Date(nowIso), 1), 'yyyy-MM-dd')}
    />
  )
}
