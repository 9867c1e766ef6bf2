import type { Contents } from '@/core/cylinders/contents/contents'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { gearRequalification } from '@/core/cylinders/dates/requalification'
import { formatMonth } from '@/core/time/months'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import type { DisplayRole } from '@/core/base/quantity'
import { Amount } from '@/ui/figures/Amount'
import { CylinderDrawing } from '@/ui/drawings/CylinderDrawing'
import { DueText } from '@/app/cylinders/DueText'
import { useLevels } from './useLevels'

/** The cylinder itself: its liquid, the mark of its limit, and its stamps below. */
export function CylinderPanel({
  gear,
  held,
  temperatureText,
  nowIso,
}: {
  gear: CylinderGear
  held: Contents | null
  temperatureText: string
  nowIso: string
}) {
  const { small, gas } = kindFacts[gear.kind]
  const massRole: DisplayRole = small ? 'bottleMass' : 'cylinderMass'
  const { manufacturedMonth, specification } = gear.fitness
  const { level, limitLevel } = useLevels(gas, held, gear.waterCapacityKg, temperatureText)
  return (
    <figure className="drawing mb-0">
      <CylinderDrawing
        kind={gear.kind}
        waterCapacityKg={gear.waterCapacityKg}
        level={level}
        limitLevel={limitLevel}
        title={`${gear.name} with its level`}
      />
      <figcaption>
        TW <Amount quantity={{ value: gear.tareKg, role: massRole }} /> · WC{' '}
        <Amount quantity={{ value: gear.waterCapacityKg, role: massRole }} />
        <br />
        {[manufacturedMonth && `made ${formatMonth(manufacturedMonth)}`, specification].filter(Boolean).join(' · ') ||
          'month of make not known'}
        <br />
        <DueText {...gearRequalification(gear, nowIso.slice(0, 10))} />
        {limitLevel !== null && (
          <>
            <br />
            red mark: level at the fill limit
          </>
        )}
      </figcaption>
    </figure>
  )
}
