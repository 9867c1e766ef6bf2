import type { Metadata } from 'next'
import { requireCylinder } from '@/app/cylinders/requireCylinder'
import { StampForm } from '@/app/cylinders/StampForm'
import { loadWorld } from '@/app/shared/world'
import { PutAway } from './PutAway'

export const metadata: Metadata = { title: 'Stamps' }

export default async function StampsPage({ params }: { params: Promise<{ id: string }> }) {
  const { row } = requireCylinder((await params).id)
  return (
    <>
      <StampForm rigId={row.rigId} stored={row} thisMonth={loadWorld().nowIso.slice(0, 7)} />
      <PutAway id={row.id} version={row.version} />
    </>
  )
}
