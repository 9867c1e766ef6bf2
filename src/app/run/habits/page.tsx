import type { Metadata } from 'next'
import { runWorld } from '@/app/run/runWorld'
import { NoTrip } from '@/app/run/NoTrip'
import { Appliances } from './Appliances'
import { HabitsBench } from './HabitsBench'

export const metadata: Metadata = { title: 'What burns' }

export default function HabitsPage() {
  const world = runWorld()
  if (world.trip) return <HabitsBench key={world.trip.version} world={world} trip={world.trip} />
  return (
    <>
      <Appliances world={world} desk={null} />
      <div className="mt-4">
        <NoTrip />
      </div>
    </>
  )
}
