import type { Metadata } from 'next'
import { NoTripYet } from '@/app/shared/NothingYet'
import { runPageData } from '@/app/run/runPageData'
import { BatteryBench } from './BatteryBench'

export const metadata: Metadata = { title: '12 V' }

export default function BatteryPage() {
  const world = runPageData()
  return world.trip ? (
    <BatteryBench key={`${world.trip.version} ${world.rigVersion}`} world={world} trip={world.trip} />
  ) : (
    <NoTripYet />
  )
}
