import type { Metadata } from 'next'
import { runPageData } from '@/app/run/runPageData'
import { NoTripYet } from '@/app/shared/NothingYet'
import { Appliances } from './Appliances'
import { HabitsBench } from './HabitsBench'

export const metadata: Metadata = { title: 'What burns' }

export default function HabitsPage() {
  const world = runPageData()
  if (world.trip) return <HabitsBench key={world.trip.version} world={world} trip={world.trip} />
  return (
    <>
      <Appliances world={world} desk={null} />
      <div className="mt-4">
        <NoTripYet />
      </div>
    </>
  )
}
