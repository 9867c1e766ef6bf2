import type { Metadata } from 'next'
import { loadWorld } from '@/app/shared/world'
import { NightsBench } from './NightsBench'
import { NoTrip } from './NoTrip'
import { runWorld } from './runWorld'

export const metadata: Metadata = { title: 'Run' }

export default function RunPage() {
  const world = runWorld()
  const findings = loadWorld().judged?.judgement.findings.filter(({ station }) => station === 'run') ?? []
  return world.trip ? (
    <NightsBench key={world.trip.version} world={world} trip={world.trip} findings={findings} />
  ) : (
    <NoTrip />
  )
}
