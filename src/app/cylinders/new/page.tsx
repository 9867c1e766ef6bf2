import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { StampForm } from '@/app/cylinders/StampForm'
import { loadWorld } from '@/app/shared/world'

export const metadata: Metadata = { title: 'New cylinder' }

export default function NewCylinderPage() {
  const { rig, nowIso } = loadWorld()
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
