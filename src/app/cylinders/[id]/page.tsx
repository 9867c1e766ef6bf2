import type { Metadata } from 'next'
import Link from 'next/link'
import { notFound } from 'next/navigation'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { findCylinder, listWeighings } from '@/records/cylinders'
import { database } from '@/records/database'
import { loadWorld } from '@/app/world'
import { History } from './History'
import { WeighBench } from './WeighBench'

export const metadata: Metadata = { title: 'Cylinder' }

export default async function CylinderPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const cylinder = findCylinder(database(), id)
  if (!cylinder) notFound()
  const { gear, row } = cylinder
  const { trip, nowIso } = loadWorld()
  return (
    <>
      <h1>
        {gear.name} <span className="of">· {kindFacts[gear.kind].name.toLowerCase()}</span>
      </h1>
      <WeighBench
        key={row.version}
        gear={gear}
        manufacturedMonth={row.manufacturedMonth}
        specification={row.specification}
        altitudeM={trip?.row.altitudeM ?? 0}
        nowIso={nowIso}
      />
      <History gear={gear} weighings={listWeighings(database(), id)} />
      <p className="mt-4">
        <Link href={`/cylinders/${id}/stamps`}>Correct the stamps or put it away</Link>
      </p>
    </>
  )
}
