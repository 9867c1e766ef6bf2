import type { Metadata } from 'next'
import { NoTrip } from '@/app/run/NoTrip'
import { runWorld } from '@/app/run/runWorld'
import { BatteryBench } from './BatteryBench'

export const metadata: Metadata = { title: '12 V' }

export default function BatteryPage() {
  const world = runWorld()
  return world.trip ? (
    <BatteryBench key={`${world.trip.version} ${world.rigVersion}`} world={world} trip={world.trip} />
  ) : (
    <NoTrip />
  )
}
