import type { Metadata } from 'next'
import { NoTripYet } from '@/app/shared/NothingYet'
import { runPageData } from '@/app/run/runPageData'
import { BatteryBench } from './BatteryBench'

export const metadata: Metadata = { title: '12 V' }

export default function BatteryPage() {
  const data = runPageData()
  return data.trip ? (
    <BatteryBench key={`${data.trip.version} ${data.rigVersion}`} data={data} trip={data.trip} />
  ) : (
    <NoTripYet />
  )
}
