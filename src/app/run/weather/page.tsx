import type { Metadata } from 'next'
import { NoTripYet } from '@/app/shared/NothingYet'
import { runPageData } from '@/app/run/runPageData'
import { WeatherBench } from './WeatherBench'

export const metadata: Metadata = { title: 'Weather' }

export default function WeatherPage() {
  const world = runPageData()
  return world.trip ? <WeatherBench key={world.trip.version} world={world} trip={world.trip} /> : <NoTripYet />
}
