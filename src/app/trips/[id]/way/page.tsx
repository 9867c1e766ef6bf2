import type { Metadata } from 'next'
import { lessonsOf } from '@/actions/shared/lessonsOf'
import { SwapEntry } from '@/app/trips/swap/SwapEntry'
import { swapCylinders } from '@/app/trips/swap/swapCylinders'
import { TripTop } from '@/app/trips/TripTop'
import { tripWorld } from '@/app/trips/tripWorld'
import { nightsLeft } from '@/core/trip/usage/remainingTrip'
import { database } from '@/records/database'
import { listLessons } from '@/records/repositories/trips/lessons'
import { LessonBench } from './LessonBench'

export const metadata: Metadata = { title: 'On the way' }

export default async function WayPage({ params }: { params: Promise<{ id: string }> }) {
  const world = tripWorld((await params).id)
  const { row, plan, judgement, isNext } = world
  const answered = listLessons(database(), row.id).filter(({ voidedAt }) => voidedAt === null)
  return (
    <>
      <TripTop trip={row} isNext={isNext} />
      <LessonBench
        tripId={row.id}
        found={lessonsOf(world)}
        learned={plan.learned ?? {}}
        answered={answered}
        balances={judgement.balances}
        nightsLeft={nightsLeft(judgement.trip)}
      />
      <SwapEntry cylinders={swapCylinders(world.gear.cylinders)} />
    </>
  )
}
