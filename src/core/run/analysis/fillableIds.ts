import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { pumpAnswer } from '@/core/cylinders/fitness/pumpAnswer'

/** Cylinders of a rig that a pump would fill; a bottle that is not refillable is never one. */
export function fillableIds(cylinders: readonly CylinderGear[], onDay: string): string[] {
  return cylinders
    .filter(
      (cylinder) =>
        cylinder.kind !== 'bottle' && cylinder.kind !== 'co2' && pumpAnswer(cylinder, onDay).answer !== 'no',
    )
    .map(({ id }) => id)
}
