import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { Metadata } from 'next'
import { hasStop } from '@/core/findings/verdict'
import { fillFindings } from '@/core/fill/fillFindings'
import { meteredFills } from '@/services/cylinders/cylinderEvents'
import { FillPage } from '@/app/fill/FillPage'
import { fillPageData, type FillSearch } from '@/app/fill/fillPageData'
import { OnboardBench } from './OnboardBench'

export const metadata: Metadata = { title: 'Fill an onboard tank' }

export default async function OnboardPage({ searchParams }: { searchParams: FillSearch }) {
  const data = await fillPageData('onboard', searchParams, ({ kind }) => kindFacts[kind].isFixed)
  // Works for a rig without a fixed tank too.
  if (!data.chosen || !data.gear.some(({ kind }) => kindFacts[kind].isFixed)) {
    return <OnboardBench gear={null} fullMark={null} fills={[]} findings={[]} />
  }
  const { gear, row } = data.chosen
  const findings = fillFindings(gear, { mode: 'onboard' }, data.today)
  return (
    <FillPage mode="onboard" data={data} cylinderId={row.id} stopped={hasStop(findings)}>
      <OnboardBench key={row.id} gear={gear} fullMark={row.fullMark} fills={meteredFills(row.id)} findings={findings} />
    </FillPage>
  )
}
