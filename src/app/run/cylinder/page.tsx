import type { Metadata } from 'next'
import { runWorld } from '@/app/run/runWorld'
import { ColdBench } from './ColdBench'
import { RuntimeBench } from './RuntimeBench'

export const metadata: Metadata = { title: 'One cylinder' }

export default function CylinderPage() {
  const world = runWorld()
  return (
    <>
      <ColdBench world={world} />
      <h2 className="mt-4">At a steady draw, were it never cold</h2>
      <RuntimeBench appliances={world.appliances} cylinders={world.rig.cylinders} />
    </>
  )
}
