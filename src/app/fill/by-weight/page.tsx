import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { Metadata } from 'next'
import { hasStop } from '@/core/findings/verdict'
import { fillFindings } from '@/core/fill/fillFindings'
import { FillPage } from '@/app/fill/FillPage'
import { fillPageData, type FillSearch } from '@/app/fill/fillPageData'
import { NoCylinderYet } from '@/app/shared/NothingYet'
import { WeighFill } from '@/app/fill/WeighFill'

export const metadata: Metadata = { title: 'Fill by weight' }

export default async function ByWeightPage({ searchParams }: { searchParams: FillSearch }) {
  const data = await fillPageData('by-weight', searchParams, ({ kind }) => kindFacts[kind].filledAt === 'pump')
  if (!data.chosen) return <NoCylinderYet />
  const { gear, row } = data.chosen
  const findings = fillFindings(gear, { mode: 'by-weight' }, data.today)
  return (
    <FillPage mode="by-weight" data={data} cylinderId={row.id} stopped={hasStop(findings)}>
      <WeighFill key={row.id} gear={gear} mode="by-weight" share={1} findings={findings} />
    </FillPage>
  )
}
