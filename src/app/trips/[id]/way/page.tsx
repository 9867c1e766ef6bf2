import type { Metadata } from 'next'
import { SwapEntry } from '@/app/trips/swap/SwapEntry'
import { swapCylinders } from '@/app/trips/swap/swapCylinders'
import { TripHeader } from '@/app/trips/TripHeader'
import { tripPageData } from '@/app/trips/tripPageData'
import { nightsLeft } from '@/core/trip/usage/remainingTrip'
import { CalibrationBench } from './CalibrationBench'
import { calibrationAnswersOf, calibrationsOfTrip } from '@/services/trips/calibration'

export const metadata: Metadata = { title: 'On the way' }

export default async function WayPage({ params }: { params: Promise<{ id: string }> }) {
  const data = tripPageData((await params).id)
  const { row, plan, judgment, isNext } = data
  const answered = calibrationAnswersOf(row.id).filter(({ voidedAt }) => voidedAt === null)
  return (
    <>
      <TripHeader trip={row} isNext={isNext} />
      <CalibrationBench
        tripId={row.id}
        found={calibrationsOfTrip(data)}
        learned={plan.learned ?? {}}
        answered={answered}
        balances={judgment.balances}
        nightsLeft={nightsLeft(judgment.trip)}
      />
      <SwapEntry cylinders={swapCylinders(data.gear.cylinders)} />
    </>
  )
}
