import type { Metadata } from 'next'
import { isStopped } from '@/core/findings/verdict'
import { fillFindings } from '@/core/fill/fillFindings'
import { FillPage } from '@/app/fill/FillPage'
import { fillWorld, type FillSearch } from '@/app/fill/fillWorld'
import { NoCylinder } from '@/app/fill/NoCylinder'
import { Co2Bench } from './Co2Bench'

export const metadata: Metadata = { title: 'Fill CO2' }

export default async function Co2Page({ searchParams }: { searchParams: FillSearch }) {
  const world = await fillWorld('co2', searchParams, ({ kind }) => kind === 'co2')
  if (!world.chosen) return <NoCylinder />
  const { gear, row } = world.chosen
  const stopped = isStopped(fillFindings(gear, { mode: 'co2' }, world.today))
  return (
    <FillPage mode="co2" world={world} cylinderId={row.id} stopped={stopped}>
      <Co2Bench key={row.id} gear={gear} today={world.today} />
    </FillPage>
  )
}
