import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { StampForm } from '@/app/cylinders/StampForm'
import { loadRigSnapshot } from '@/app/shared/pageData'

export const metadata: Metadata = { title: 'New cylinder' }

export default function NewCylinderPage() {
  const { rig, nowIso } = loadRigSnapshot()
  if (!rig) redirect('/')
  return (
    <>
      <h1>
        Cylinders <span className="of">· a new one</span>
      </h1>
      <StampForm rigId={rig.id} stored={null} thisMonth={nowIso.slice(0, 7)} />
    </>
  )
}
