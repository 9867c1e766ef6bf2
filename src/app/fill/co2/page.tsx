import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { Metadata } from 'next'
import { hasStop } from '@/core/findings/verdict'
import { fillFindings } from '@/core/fill/fillFindings'
import { FillPage } from '@/app/fill/FillPage'
import { fillPageData, type FillSearch } from '@/app/fill/fillPageData'
import { NoCylinderYet } from '@/app/shared/NothingYet'
import { Co2Bench } from './Co2Bench'

export const metadata: Metadata = { title: 'Fill CO2' }

export default async function Co2Page({ searchParams }: { searchParams: FillSearch }) {
  const data = await fillPageData('co2', searchParams, ({ kind }) => kindFacts[kind].filledAt === 'co2-store')
  if (!data.chosen) return <NoCylinderYet />
  const { gear, row } = data.chosen
  const stopped = hasStop(fillFindings(gear, { mode: 'co2' }, data.today))
  return (
    <FillPage mode="co2" data={data} cylinderId={row.id} stopped={stopped}>
      <Co2Bench key={row.id} gear={gear} today={data.today} />
    </FillPage>
  )
}
