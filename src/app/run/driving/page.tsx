import type { Metadata } from 'next'
import { runWorld } from '@/app/run/runWorld'
import { loadWorld } from '@/app/world'
import type { TravelProcedure } from '@/core/running/travelSteps'
import { database } from '@/records/database'
import { ticksSince } from '@/records/ticks'
import { DrivingBench, type TravelTicks } from './DrivingBench'

export const metadata: Metadata = { title: 'Driving' }

/** A procedure begun longer ago than this is not the one going on. */
const LONGEST_RUN_MS = 3 * 3_600_000

export default function DrivingPage() {
  const { rigId } = runWorld()
  const since = new Date(Date.parse(loadWorld().nowIso) - LONGEST_RUN_MS).toISOString()
  const ticksOf = (procedure: TravelProcedure) =>
    ticksSince(database(), { rigId, procedure: `travel ${procedure}`, subjectId: '' }, since)
  const ticks: TravelTicks = { arrive: ticksOf('arrive'), leave: ticksOf('leave'), store: ticksOf('store') }
  return <DrivingBench rigId={rigId} ticks={ticks} />
}
