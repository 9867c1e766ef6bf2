import { kindFacts } from '@/core/cylinders/cylinderKind'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import type { SwapCylinder } from './SwapEntry'

/** Cylinders aboard that may run out, with their last known contents. */
export function swapCylinders(cylinders: readonly CylinderGear[]): SwapCylinder[] {
  return cylinders.flatMap((cylinder) => {
    const { supply, small } = kindFacts[cylinder.kind]
    if (!cylinder.aboard || supply === null) return []
    return [{ id: cylinder.id, name: cylinder.name, supply, small, netKg: gearContents(cylinder)?.netKg ?? null }]
  })
}
