import { DueText } from '@/app/cylinders/DueText'
import type { DisplayRole } from '@/core/base/quantity'
import type { Contents } from '@/core/cylinders/contents/contents'
import { drawingLevels, type DrawingLevels } from '@/core/cylinders/contents/drawingLevels'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { gearRequalification } from '@/core/cylinders/dates/requalification'
import type { Fluid } from '@/core/fluids/fluidData'
import { formatMonth } from '@/core/time/months'
import { CylinderDrawing } from '@/ui/drawings/CylinderDrawing'
import { readQuantity, type TypedQuantity } from '@/ui/fields/typedQuantity'
import { Amount } from '@/ui/figures/Amount'
import { AssumedText } from '@/ui/figures/AssumedText'

/** Levels for the drawing, at the temperature typed or at 60 °F. */
function levelsOf(
  gas: Fluid,
  held: Contents | null,
  waterCapacityKg: number,
  temperature: TypedQuantity,
): DrawingLevels {
  const { value } = readQuantity(temperature, 'temperature')
  return drawingLevels(gas, held, waterCapacityKg, value)
}

/** The cylinder itself: its liquid, the mark of its limit, and its stamps below. */
export function CylinderPanel({
  gear,
  held,
  temperature,
  nowIso,
}: {
  gear: CylinderGear
  held: Contents | null
  temperature: TypedQuantity
  nowIso: string
}) {
  const { small, gas } = kindFacts[gear.kind]
  const massRole: DisplayRole = small ? 'bottleMass' : 'cylinderMass'
  const { manufacturedMonth, specification } = gear.fitness
  const { level, limitLevel } = levelsOf(gas, held, gear.waterCapacityKg, temperature)
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
        TW <Amount quantity={{ value: gear.tareKg, role: massRole }} />{' '}
        <AssumedText source={gear.sources?.tareKg} role={massRole} /> · WC{' '}
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
