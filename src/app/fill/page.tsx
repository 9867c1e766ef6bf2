import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { Metadata } from 'next'
import { vesselFitness } from '@/core/cylinders/fitness/vesselFitness'
import { hasStop } from '@/core/findings/verdict'
import { fillFindings } from '@/core/fill/fillFindings'
import { PumpPlate } from '@/app/cylinders/PumpPlate'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { FindingList } from '@/ui/figures/FindingList'
import { FillPage } from './FillPage'
import { fillPageData, type FillSearch } from './fillPageData'
import { NoCylinderYet } from '@/app/shared/NothingYet'
import { PumpBench } from './PumpBench'

export const metadata: Metadata = { title: 'Fill at the pump' }

export default async function PumpPage({ searchParams }: { searchParams: FillSearch }) {
  const data = await fillPageData('pump', searchParams, ({ kind }) => kindFacts[kind].filledAt === 'pump')
  if (!data.chosen) return <NoCylinderYet />
  const { gear, row } = data.chosen
  const findings = fillFindings(gear, { mode: 'pump' }, data.today)
  const onTheLine = (loadRigSnapshot().judged?.judgment.findings ?? []).filter(({ station }) => station === 'fill')
  return (
    <FillPage mode="pump" data={data} cylinderId={row.id} stopped={hasStop(findings)}>
      <PumpBench key={row.id} gear={gear} findings={findings}>
        <PumpPlate answer={vesselFitness(gear, data.today).fill} name={gear.name} />
      </PumpBench>
      {onTheLine.length > 0 && (
        <section className="mt-4" aria-label="For this trip">
          <h2>For this trip</h2>
          <FindingList findings={onTheLine} />
        </section>
      )}
    </FillPage>
  )
}
