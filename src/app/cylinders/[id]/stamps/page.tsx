import type { Metadata } from 'next'
import { requireCylinder } from '@/app/shared/pageData'
import { StampForm } from '@/app/cylinders/StampForm'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { ArchiveButton } from './PutAway'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'

export const metadata: Metadata = { title: cylindersLabels.stamps }

export default async function StampsPage({ params }: { params: Promise<{ id: string }> }) {
  const { row } = requireCylinder((await params).id)
  return (
    <>
      <StampForm rigId={row.rigId} stored={row} thisMonth={loadRigSnapshot().nowIso.slice(0, 7)} />
      <ArchiveButton id={row.id} version={row.version} />
    </>
  )
}
