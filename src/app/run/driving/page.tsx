import type { Metadata } from 'next'
import { runWorld } from '@/app/run/runWorld'
import { ticksGoingOn } from '@/app/shared/ticksGoingOn'
import { loadWorld } from '@/app/shared/world'
import type { TravelProcedure } from '@/core/run/travel/travelSteps'
import { DrivingBench, type TravelTicks } from './DrivingBench'

export const metadata: Metadata = { title: 'Driving' }

export default function DrivingPage() {
  const { rigId } = runWorld()
  const { nowIso } = loadWorld()
  const ticksOf = (procedure: TravelProcedure) =>
    ticksGoingOn({ rigId, procedure: `travel ${procedure}`, subjectId: '' }, nowIso)
  const ticks: TravelTicks = { arrive: ticksOf('arrive'), leave: ticksOf('leave'), store: ticksOf('store') }
  return <DrivingBench rigId={rigId} ticks={ticks} />
}
