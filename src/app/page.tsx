import { addMonths, format } from 'date-fns'
import { BeginRig } from './BeginRig'
import { FirstSteps } from './FirstSteps'
import { TripBench } from './trips/TripBench'
import { loadWorld } from './world'

export default function TripPage() {
  const { rig, cylinders, appliances, trip, gear, nowIso } = loadWorld()
  if (!rig) return <BeginRig />
  if (!trip && (cylinders.length === 0 || appliances.length === 0)) {
    return <FirstSteps rigName={rig.name} cylinders={cylinders.length} appliances={appliances.length} />
  }
  return (
    <TripBench
      key={trip ? `${trip.row.id} ${trip.row.version}` : 'new'}
      rigId={rig.id}
      stored={trip?.row ?? null}
      plan={trip?.plan ?? null}
      appliances={appliances}
      rig={gear}
      nowIso={nowIso}
      suggestedDay={format(addMonths(new Date(nowIso), 1), 'yyyy-MM-dd')}
    />
  )
}
