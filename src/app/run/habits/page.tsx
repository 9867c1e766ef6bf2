import type { Metadata } from 'next'
import { runPageData } from '@/app/run/runPageData'
import { NoTripYet } from '@/app/shared/NothingYet'
import { Appliances } from './Appliances'
import { HabitsBench } from './HabitsBench'
import { sharedLabels } from '@/ui/terms/sharedLabels'

export const metadata: Metadata = { title: sharedLabels.whatBurns }

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
