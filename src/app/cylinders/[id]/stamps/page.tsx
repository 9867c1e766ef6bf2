import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { StampForm } from '@/app/cylinders/StampForm'
import { loadWorld } from '@/app/world'
import { findCylinder } from '@/records/cylinders'
import { database } from '@/records/database'
import { PutAway } from './PutAway'

export const metadata: Metadata = { title: 'Stamps' }

export default async function StampsPage({ params }: { params: Promise<{ id: string }> }) {
  const cylinder = findCylinder(database(), (await params).id)
  if (!cylinder) notFound()
  const { row } = cylinder
  return (
    <>
      <h1>
        {row.name} <span className="of">· stamps</span>
      </h1>
      <StampForm rigId={row.rigId} stored={row} thisMonth={loadWorld().nowIso.slice(0, 7)} />
      <PutAway id={row.id} version={row.version} />
    </>
  )
}
