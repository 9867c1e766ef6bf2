import { siteConditions } from '@/core/run/siteConditions'
import type { Metadata } from 'next'
import { requireCylinder } from '@/app/shared/pageData'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { HeatBench } from './HeatBench'

export const metadata: Metadata = { title: 'Hot car, cold night' }

export default async function HeatPage({ params }: { params: Promise<{ id: string }> }) {
  const { gear, row } = requireCylinder((await params).id)
  const { trip } = loadRigSnapshot()
  return <HeatBench gear={gear} plateReliefPa={row.reliefGaugePa} altitudeM={siteConditions(trip?.plan).altitudeM} />
}
