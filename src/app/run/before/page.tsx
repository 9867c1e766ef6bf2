import type { Metadata } from 'next'
import { NoTripYet } from '@/app/shared/NothingYet'
import { runPageData } from '@/app/run/runPageData'
import { BeforeBench } from './BeforeBench'
import { sharedLabels } from '@/ui/terms/sharedLabels'

export const metadata: Metadata = { title: sharedLabels.beforeLeaving }

export default function BeforePage() {
  const data = runPageData()
  return data.trip ? <BeforeBench key={data.trip.version} data={data} trip={data.trip} /> : <NoTripYet />
}
