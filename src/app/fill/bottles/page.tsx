import type { Metadata } from 'next'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { gearContents } from '@/core/cylinders/gearContents'
import { fillFindings } from '@/core/filling/fillFindings'
import { HOME_SHARE } from '@/core/filling/fillModes'
import { CylinderPicker } from '@/app/fill/CylinderPicker'
import { FillSteps } from '@/app/fill/FillSteps'
import { fillWorld, type FillSearch } from '@/app/fill/fillWorld'
import { NoCylinder } from '@/app/fill/NoCylinder'
import { WeighFill } from '@/app/fill/WeighFill'
import { DecantBench } from './DecantBench'
import { SchoolForm } from './SchoolForm'
import { WeighEmpty } from './WeighEmpty'

export const metadata: Metadata = { title: 'Fill small bottles' }

export default async function BottlesPage({ searchParams }: { searchParams: FillSearch }) {
  const { rig, gear, chosen, ticks, today } = await fillWorld(
    'bottles',
    searchParams,
    ({ kind }) => kindFacts[kind].small,
  )
  if (!chosen) return <NoCylinder />
  const findings = fillFindings(chosen.gear, { mode: 'bottles', school: rig.bottleSchool }, today)
  const stopped = findings.some(({ severity }) => severity === 'stop')
  const supplies = gear.flatMap((one) => {
    const held = one.kind === 'removable' ? gearContents(one) : null
    return held
      ? [{ id: one.id, name: one.name, netKg: held.netKg, tareKg: one.tareKg, waterCapacityKg: one.waterCapacityKg }]
      : []
  })
  return (
    <>
      <SchoolForm key={rig.version} rig={rig} />
      <CylinderPicker gear={gear} chosenId={chosen.row.id} />
      <WeighFill
        key={chosen.row.id}
        gear={chosen.gear}
        mode="bottles"
        share={rig.bottleSchool === 'home' ? HOME_SHARE : 1}
        findings={findings}
      >
        {kindFacts[chosen.gear.kind].small && <WeighEmpty tareKg={chosen.gear.tareKg} />}
      </WeighFill>
      {!stopped && <DecantBench bottle={chosen.gear} supplies={supplies} />}
      <FillSteps
        key={`steps ${chosen.row.id} ${ticks.length}`}
        mode="bottles"
        rigId={rig.id}
        cylinderId={chosen.row.id}
        ticks={ticks}
        stopped={stopped}
      />
    </>
  )
}
