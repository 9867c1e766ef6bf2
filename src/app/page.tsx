import { redirect } from 'next/navigation'
import { FirstSteps } from './FirstSteps'
import { ReadyView } from '@/app/trips/verdict/ReadyView'
import { tripWorld } from './trips/tripWorld'
import { loadWorld } from '@/app/shared/world'

export default function HomePage() {
  const { rig, cylinders, appliances, trip } = loadWorld()
  if (!rig) redirect('/begin')
  if (!trip) return <FirstSteps rigName={rig.name} cylinders={cylinders.length} appliances={appliances.length} />
  return <ReadyView world={tripWorld(trip.row.id)} />
}
