import type { Metadata } from 'next'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import { hasStop } from '@/core/findings/verdict'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { fillFindings } from '@/core/fill/fillFindings'
import { HOME_SHARE } from '@/core/fill/fillModes'
import { FillPage } from '@/app/fill/FillPage'
import { fillPageData, type FillSearch } from '@/app/fill/fillPageData'
import { NoCylinderYet } from '@/app/shared/NothingYet'
import { WeighFill } from '@/app/fill/WeighFill'
import { DecantBench, type SupplyCylinder } from './DecantBench'
import { BottleFillRuleForm } from './BottleFillRuleForm'
import { WeighEmpty } from './WeighEmpty'

export const metadata: Metadata = { title: 'Fill small bottles' }

/** A cylinder that was weighed can be turned upside down over a bottle. */
function asSupply(cylinder: CylinderGear): SupplyCylinder[] {
  const { id, name, kind, tareKg, waterCapacityKg } = cylinder
  const held = kindFacts[kind].filledAt === 'pump' ? gearContents(cylinder) : null
  return held ? [{ id, name, netKg: held.netKg, tareKg, waterCapacityKg }] : []
}

export default async function BottlesPage({ searchParams }: { searchParams: FillSearch }) {
  const data = await fillPageData('bottles', searchParams, ({ kind }) => kindFacts[kind].small)
  if (!data.chosen) return <NoCylinderYet />
  const { rig, today } = data
  const { gear, row } = data.chosen
  const findings = fillFindings(gear, { mode: 'bottles', school: rig.bottleSchool }, today)
  const stopped = hasStop(findings)
  const share = rig.bottleSchool === 'home' ? HOME_SHARE : 1
  return (
    <>
      <BottleFillRuleForm key={rig.version} rig={rig} />
      <FillPage mode="bottles" data={data} cylinderId={row.id} stopped={stopped}>
        <WeighFill key={row.id} gear={gear} mode="bottles" share={share} findings={findings}>
          {kindFacts[row.kind].small && <WeighEmpty tareKg={row.tareKg} />}
        </WeighFill>
        {!stopped && <DecantBench bottle={gear} supplies={data.gear.flatMap(asSupply)} />}
      </FillPage>
    </>
  )
}
