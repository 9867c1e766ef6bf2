import type { Metadata } from 'next'
import { runPageData } from '@/app/run/runPageData'
import { NoTripYet } from '@/app/shared/NothingYet'
import { Appliances } from './Appliances'
import { HabitsBench } from './HabitsBench'

export const metadata: Metadata = { title: 'What burns' }

export default function HabitsPage() {
  const data = runPageData()
  if (data.trip) return <HabitsBench key={data.trip.version} data={data} trip={data.trip} />
  return (
    <>
      <Appliances data={data} editor={null} />
      <div className="mt-4">
        <NoTripYet />
      </div>
    </>
  )
}
