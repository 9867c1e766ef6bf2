import type { Metadata } from 'next'
import { runPageData } from '@/app/run/runPageData'
import { ColdBench } from './ColdBench'
import { RuntimeBench } from './RuntimeBench'

export const metadata: Metadata = { title: 'One cylinder' }

export default function CylinderPage() {
  const world = runPageData()
  return (
    <>
      <ColdBench world={world} />
      <h2 className="mt-4">At a steady draw, were it never cold</h2>
      <RuntimeBench appliances={world.appliances} cylinders={world.rig.cylinders} />
    </>
  )
}
