import type { Metadata } from 'next'
import { hasStop } from '@/core/findings/verdict'
import { fillFindings } from '@/core/fill/fillFindings'
import { FillPage } from '@/app/fill/FillPage'
import { fillPageData, type FillSearch } from '@/app/fill/fillPageData'
import { NoCylinderYet } from '@/app/shared/NothingYet'
import { WeighFill } from '@/app/fill/WeighFill'

export const metadata: Metadata = { title: 'Fill by weight' }

export default async function ByWeightPage({ searchParams }: { searchParams: FillSearch }) {
  const world = await fillPageData('by-weight', searchParams, ({ kind }) => kind === 'removable')
  if (!world.chosen) return <NoCylinderYet />
  const { gear, row } = world.chosen
  const findings = fillFindings(gear, { mode: 'by-weight' }, world.today)
  return (
    <FillPage mode="by-weight" world={world} cylinderId={row.id} stopped={hasStop(findings)}>
      <WeighFill key={row.id} gear={gear} mode="by-weight" share={1} findings={findings} />
    </FillPage>
  )
}
