import type { Metadata } from 'next'
import { fillFindings } from '@/core/filling/fillFindings'
import { pumpAnswer } from '@/core/cylinders/pumpAnswer'
import { PumpPlate } from '@/app/cylinders/PumpPlate'
import { loadWorld } from '@/app/world'
import { FindingList } from '@/ui/FindingList'
import { CylinderPicker } from './CylinderPicker'
import { FillSteps } from './FillSteps'
import { fillWorld, type FillSearch } from './fillWorld'
import { NoCylinder } from './NoCylinder'
import { PumpBench } from './PumpBench'

export const metadata: Metadata = { title: 'Fill at the pump' }

export default async function PumpPage({ searchParams }: { searchParams: FillSearch }) {
  const { rig, gear, chosen, ticks, today } = await fillWorld('pump', searchParams, ({ kind }) => kind === 'removable')
  if (!chosen) return <NoCylinder />
  const onTheLine = (loadWorld().judgement?.findings ?? []).filter(({ station }) => station === 'fill')
  const findings = fillFindings(chosen.gear, { mode: 'pump' }, today)
  return (
    <>
      <CylinderPicker gear={gear} chosenId={chosen.row.id} />
      <PumpBench key={chosen.row.id} gear={chosen.gear} findings={findings}>
        <PumpPlate answer={pumpAnswer(chosen.gear, today)} name={chosen.gear.name} />
      </PumpBench>
      <FillSteps
        key={`steps ${chosen.row.id} ${ticks.length}`}
        mode="pump"
        rigId={rig.id}
        cylinderId={chosen.row.id}
        ticks={ticks}
        stopped={findings.some(({ severity }) => severity === 'stop')}
      />
      {onTheLine.length > 0 && (
        <section className="mt-4" aria-label="For this trip">
          <h2>For this trip</h2>
          <FindingList findings={onTheLine} />
        </section>
      )}
    </>
  )
}
