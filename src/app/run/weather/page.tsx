import type { Metadata } from 'next'
import { NoTrip } from '@/app/run/NoTrip'
import { runWorld } from '@/app/run/runWorld'
import { WeatherBench } from './WeatherBench'

export const metadata: Metadata = { title: 'Weather' }

export default function WeatherPage() {
  const world = runWorld()
  return world.trip ? <WeatherBench key={world.trip.version} world={world} trip={world.trip} /> : <NoTrip />
}
