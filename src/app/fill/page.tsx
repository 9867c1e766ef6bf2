import type { Metadata } from 'next'
import { pumpAnswer } from '@/core/cylinders/fitness/pumpAnswer'
import { isStopped } from '@/core/findings/verdict'
import { fillFindings } from '@/core/fill/fillFindings'
import { PumpPlate } from '@/app/cylinders/PumpPlate'
import { loadWorld } from '@/app/shared/world'
import { FindingList } from '@/ui/figures/FindingList'
import { FillPage } from './FillPage'
import { fillWorld, type FillSearch } from './fillWorld'
import { NoCylinder } from './NoCylinder'
import { PumpBench } from './PumpBench'

export const metadata: Metadata = { title: 'Fill at the pump' }

export default async function PumpPage({ searchParams }: { searchParams: FillSearch }) {
  const world = await fillWorld('pump', searchParams, ({ kind }) => kind === 'removable')
  if (!world.chosen) return <NoCylinder />
  const { gear, row } = world.chosen
  const findings = fillFindings(gear, { mode: 'pump' }, world.today)
  const onTheLine = (loadWorld().judged?.judgement.findings ?? []).filter(({ station }) => station === 'fill')
  return (
    <FillPage mode="pump" world={world} cylinderId={row.id} stopped={isStopped(findings)}>
      <PumpBench key={row.id} gear={gear} findings={findings}>
        <PumpPlate answer={pumpAnswer(gear, world.today)} name={gear.name} />
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
