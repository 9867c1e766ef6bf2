import type { Metadata } from 'next'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { NightsBench } from './NightsBench'
import { NoTripYet } from '@/app/shared/NothingYet'
import { runPageData } from './runPageData'

export const metadata: Metadata = { title: 'Run' }

export default function RunPage() {
  const data = runPageData()
  const findings = loadRigSnapshot().judged?.judgment.findings.filter(({ station }) => station === 'run') ?? []
  return data.trip ? (
    <NightsBench key={data.trip.version} data={data} trip={data.trip} findings={findings} />
  ) : (
    <NoTripYet />
  )
}
