import { redirect } from 'next/navigation'
import { FirstSteps } from './FirstSteps'
import { ReadyView } from '@/app/trips/verdict/ReadyView'
import { tripPageData } from '@/app/trips/tripPageData'
import { loadRigSnapshot } from '@/app/shared/pageData'

export default function HomePage() {
  const { rig, cylinders, appliances, trip } = loadRigSnapshot()
  if (!rig) redirect('/begin')
  if (!trip) return <FirstSteps rigName={rig.name} cylinders={cylinders.length} appliances={appliances.length} />
  return <ReadyView data={tripPageData(trip.row.id)} />
}
