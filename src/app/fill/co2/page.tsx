import type { Metadata } from 'next'
import { CylinderPicker } from '@/app/fill/CylinderPicker'
import { FillSteps } from '@/app/fill/FillSteps'
import { fillWorld, type FillSearch } from '@/app/fill/fillWorld'
import { NoCylinder } from '@/app/fill/NoCylinder'
import { Co2Bench } from './Co2Bench'

export const metadata: Metadata = { title: 'Fill CO2' }

export default async function Co2Page({ searchParams }: { searchParams: FillSearch }) {
  const { rig, gear, chosen, ticks, today } = await fillWorld('co2', searchParams, ({ kind }) => kind === 'co2')
  if (!chosen) return <NoCylinder />
  return (
    <>
      <CylinderPicker gear={gear} chosenId={chosen.row.id} />
      <Co2Bench key={chosen.row.id} gear={chosen.gear} today={today} />
      <FillSteps
        key={`steps ${chosen.row.id} ${ticks.length}`}
        mode="co2"
        rigId={rig.id}
        cylinderId={chosen.row.id}
        ticks={ticks}
        stopped={chosen.gear.kind !== 'co2'}
      />
    </>
  )
}
