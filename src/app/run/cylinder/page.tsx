import { AssumedPlace } from '@/app/shared/AssumedPlace'
import type { Metadata } from 'next'
import { runPageData } from '@/app/run/runPageData'
import { ColdBench } from './ColdBench'
import { RuntimeBench } from './RuntimeBench'

export const metadata: Metadata = { title: 'One cylinder' }

export default function CylinderPage() {
  const data = runPageData()
  return (
    <>
      <AssumedPlace />
      <ColdBench data={data} />
      <h2 className="mt-4">At a steady draw, were it never cold</h2>
      <RuntimeBench appliances={data.appliances} cylinders={data.rig.cylinders} />
    </>
  )
}
