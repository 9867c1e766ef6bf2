import type { Metadata } from 'next'
import { isStopped } from '@/core/findings/verdict'
import { fillFindings } from '@/core/fill/fillFindings'
import { FillPage } from '@/app/fill/FillPage'
import { fillWorld, type FillSearch } from '@/app/fill/fillWorld'
import { NoCylinder } from '@/app/fill/NoCylinder'
import { WeighFill } from '@/app/fill/WeighFill'

export const metadata: Metadata = { title: 'Fill by weight' }

export default async function ByWeightPage({ searchParams }: { searchParams: FillSearch }) {
  const world = await fillWorld('by-weight', searchParams, ({ kind }) => kind === 'removable')
  if (!world.chosen) return <NoCylinder />
  const { gear, row } = world.chosen
  const findings = fillFindings(gear, { mode: 'by-weight' }, world.today)
  return (
    <FillPage mode="by-weight" world={world} cylinderId={row.id} stopped={isStopped(findings)}>
      <WeighFill key={row.id} gear={gear} mode="by-weight" share={1} findings={findings} />
    </FillPage>
  )
}
