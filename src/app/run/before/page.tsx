import type { Metadata } from 'next'
import { NoTrip } from '@/app/run/NoTrip'
import { runWorld } from '@/app/run/runWorld'
import { BeforeBench } from './BeforeBench'

export const metadata: Metadata = { title: 'Before leaving' }

export default function BeforePage() {
  const world = runWorld()
  return world.trip ? <BeforeBench key={world.trip.version} world={world} trip={world.trip} /> : <NoTrip />
}
