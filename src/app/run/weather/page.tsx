import type { Metadata } from 'next'
import { NoTripYet } from '@/app/shared/NothingYet'
import { runPageData } from '@/app/run/runPageData'
import { WeatherBench } from './WeatherBench'

export const metadata: Metadata = { title: 'Weather' }

export default function WeatherPage() {
  const data = runPageData()
  return data.trip ? <WeatherBench key={data.trip.version} data={data} trip={data.trip} /> : <NoTripYet />
}
