import type { Metadata } from 'next'
import { runPageData } from '@/app/run/runPageData'
import { ticksGoingOn } from '@/services/log/ticks'
import { loadRigSnapshot } from '@/app/shared/pageData'
import type { TravelProcedure } from '@/core/run/travel/travelSteps'
import { DrivingBench, type TravelTicks } from './DrivingBench'

export const metadata: Metadata = { title: 'Driving' }

export default function DrivingPage() {
  const { rigId } = runPageData()
  const { nowIso } = loadRigSnapshot()
  const ticksOf = (procedure: TravelProcedure) =>
    ticksGoingOn({ rigId, procedure: `travel ${procedure}`, subjectId: '' }, nowIso)
  const ticks: TravelTicks = { arrive: ticksOf('arrive'), leave: ticksOf('leave'), store: ticksOf('store') }
  return <DrivingBench rigId={rigId} ticks={ticks} />
}
