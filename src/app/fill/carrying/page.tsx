import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { CarryBench } from './CarryBench'
import { ticksGoingOn } from '@/services/log/ticks'

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
  const ticks = ticksGoingOn({ rigId: rig.id, procedure: 'carry', subjectId: '' }, nowIso, MAX_DRIVE_MS)
  return (
    <CarryBench
      rigId={rig.id}
      cylinders={cylinders.map(({ gear }) => gear)}
      asked={typeof asked === 'string' ? asked : null}
      today={nowIso.slice(0, 10)}
      ticks={ticks}
    />
  )
}
