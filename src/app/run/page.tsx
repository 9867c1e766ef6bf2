import type { Metadata } from 'next'
import { loadRigSnapshot } from '@/app/shared/rigSnapshot'
import { NightsBench } from './NightsBench'
import { NoTripYet } from '@/app/shared/NothingYet'
import { runPageData } from './runPageData'

export const metadata: Metadata = { title: 'Run' }

export default function RunPage() {
  const world = runPageData()
  const findings = loadRigSnapshot().judged?.judgment.findings.filter(({ station }) => station === 'run') ?? []
  return world.trip ? (
    <NightsBench key={world.trip.version} world={world} trip={world.trip} findings={findings} />
  ) : (
    <NoTripYet />
  )
}
