import { siteConditions } from '@/core/run/siteConditions'
import type { Metadata } from 'next'
import { requireCylinder } from '@/app/shared/pageData'
import { meteredFills } from '@/services/cylinders/cylinderEvents'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { LevelBench } from './LevelBench'

export const metadata: Metadata = { title: 'Gauge and level' }

export default async function LevelPage({ params }: { params: Promise<{ id: string }> }) {
  const { gear, row } = requireCylinder((await params).id)
  const { trip } = loadRigSnapshot()
  return (
    <LevelBench
      gear={gear}
      fullMark={row.fullMark}
      fills={meteredFills(gear.id)}
      altitudeM={siteConditions(trip?.plan).altitudeM}
    />
  )
}
