import type { Metadata } from 'next'
import { NoTripYet } from '@/app/shared/NothingYet'
import { runPageData } from '@/app/run/runPageData'
import { BeforeBench } from './BeforeBench'

export const metadata: Metadata = { title: 'Before leaving' }

export default function BeforePage() {
  const world = runPageData()
  return world.trip ? <BeforeBench key={world.trip.version} world={world} trip={world.trip} /> : <NoTripYet />
}
