import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { CostBench } from './CostBench'
import { pricesOf } from '@/services/fill/prices'

export const metadata: Metadata = { title: 'What a fill costs' }

export default function CostPage() {
  const { rig, cylinders, appliances } = loadRigSnapshot()
  if (!rig) redirect('/')
  const held = cylinders.flatMap(({ gear }) => {
    const contents = kindFacts[gear.kind].filledAt === 'pump' ? gearContents(gear) : null
    return contents ? [{ id: gear.id, name: gear.name, netKg: contents.netKg }] : []
  })
  return (
    <CostBench
      rigId={rig.id}
      offers={pricesOf(rig.id)}
      held={held}
      heaters={appliances.map(({ id, name, inputW }) => ({ id, name, inputW }))}
    />
  )
}
