import type { Metadata } from 'next'
import { fillFindings } from '@/core/filling/fillFindings'
import { CylinderPicker } from '@/app/fill/CylinderPicker'
import { FillSteps } from '@/app/fill/FillSteps'
import { fillWorld, type FillSearch } from '@/app/fill/fillWorld'
import { NoCylinder } from '@/app/fill/NoCylinder'
import { meteredFills } from '@/app/cylinders/meteredFills'
import { OnboardBench } from './OnboardBench'

export const metadata: Metadata = { title: 'Fill an onboard tank' }

export default async function OnboardPage({ searchParams }: { searchParams: FillSearch }) {
  const { rig, gear, chosen, ticks, today } = await fillWorld('onboard', searchParams, ({ kind }) => kind === 'onboard')
  if (!chosen) return <NoCylinder />
  // A rig without a fixed tank can still work out a sum for one.
  if (!gear.some(({ kind }) => kind === 'onboard')) {
    return <OnboardBench gear={null} fullMark={null} fills={[]} findings={[]} />
  }
  const findings = fillFindings(chosen.gear, { mode: 'onboard' }, today)
  return (
    <>
      <CylinderPicker gear={gear} chosenId={chosen.row.id} />
      <OnboardBench
        key={chosen.row.id}
        gear={chosen.gear}
        fullMark={chosen.row.fullMark}
        fills={meteredFills(chosen.row.id)}
        findings={findings}
      />
      <FillSteps
        key={`steps ${chosen.row.id} ${ticks.length}`}
        mode="onboard"
        rigId={rig.id}
        cylinderId={chosen.row.id}
        ticks={ticks}
        stopped={findings.some(({ severity }) => severity === 'stop')}
      />
    </>
  )
}
