import type { Metadata } from 'next'
import { fillFindings } from '@/core/filling/fillFindings'
import { CylinderPicker } from '@/app/fill/CylinderPicker'
import { FillSteps } from '@/app/fill/FillSteps'
import { fillWorld, type FillSearch } from '@/app/fill/fillWorld'
import { NoCylinder } from '@/app/fill/NoCylinder'
import { WeighFill } from '@/app/fill/WeighFill'

export const metadata: Metadata = { title: 'Fill by weight' }

export default async function ByWeightPage({ searchParams }: { searchParams: FillSearch }) {
  const { rig, gear, chosen, ticks, today } = await fillWorld(
    'by-weight',
    searchParams,
    ({ kind }) => kind === 'removable',
  )
  if (!chosen) return <NoCylinder />
  const findings = fillFindings(chosen.gear, { mode: 'by-weight' }, today)
  const stopped = findings.some(({ severity }) => severity === 'stop')
  return (
    <>
      <CylinderPicker gear={gear} chosenId={chosen.row.id} />
      <WeighFill key={chosen.row.id} gear={chosen.gear} mode="by-weight" share={1} findings={findings} />
      <FillSteps
        key={`steps ${chosen.row.id} ${ticks.length}`}
        mode="by-weight"
        rigId={rig.id}
        cylinderId={chosen.row.id}
        ticks={ticks}
        stopped={stopped}
      />
    </>
  )
}
