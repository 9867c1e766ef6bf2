import type { Metadata } from 'next'
import { ticksGoingOn } from '@/services/log/ticks'
import { swapCylinders } from '@/app/trips/swap/swapCylinders'
import { TripHeader } from '@/app/trips/TripHeader'
import { tripPageData } from '@/app/trips/tripPageData'
import { stepsFacts } from '@/core/trip/procedures/stepsFacts'
import { proceduresOf, tripSteps } from '@/core/trip/procedures/tripSteps'
import { StepsBench } from './StepsBench'

export const metadata: Metadata = { title: 'Step by step' }

export default async function StepsPage({ params }: { params: Promise<{ id: string }> }) {
  const { row, plan, gear, nowIso, isNext } = tripPageData((await params).id)
  const facts = stepsFacts(gear, plan)
  const rails = proceduresOf(facts).map((procedure) => {
    const run = { rigId: row.rigId, procedure: `trip ${procedure}`, subjectId: row.id }
    return { procedure, run, steps: tripSteps(procedure, facts), logged: ticksGoingOn(run, nowIso) }
  })
  return (
    <>
      <TripHeader trip={row} isNext={isNext} />
      <StepsBench rails={rails} cylinders={swapCylinders(gear.cylinders)} />
    </>
  )
}
