import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { loadRigSnapshot } from '@/app/shared/rigSnapshot'
import { database } from '@/records/database'
import { ticksSince } from '@/records/repositories/trips/ticks'
import { CarryBench } from './CarryBench'

export const metadata: Metadata = { title: 'Carrying' }

/** A drive to the pump and back. */
const MAX_DRIVE_MS = 6 * 3_600_000

export default async function CarryingPage({
  searchParams,
}: {
  searchParams: Promise<{ cylinder?: string | string[] }>
}) {
  const { rig, cylinders, nowIso } = loadRigSnapshot()
  if (!rig) redirect('/')
  const asked = (await searchParams).cylinder
  const since = new Date(Date.parse(nowIso) - MAX_DRIVE_MS).toISOString()
  const ticks = ticksSince(database(), { rigId: rig.id, procedure: 'carry', subjectId: '' }, since)
  return (
    <CarryBench
      rigId={rig.id}
      cylinders={cylinders.map(({ gear }) => gear)}
      asked={typeof asked === 'string' ? asked : null}
      ticks={ticks}
    />
  )
}
