import type { ContentsInput } from './contents'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { CylinderGear, Weighing } from '@/core/cylinders/cylinderGear'

/** What a weighing of this cylinder gives core/cylinders/contents to work with. */
export function contentsInput(
  cylinder: Pick<CylinderGear, 'kind' | 'tareKg' | 'waterCapacityKg' | 'labelNetKg'>,
  weighing: Pick<Weighing, 'grossKg' | 'hangingKg'>,
): ContentsInput {
  return {
    gas: kindFacts[cylinder.kind].gas,
    grossKg: weighing.grossKg,
    hangingKg: weighing.hangingKg,
    tareKg: cylinder.tareKg,
    waterCapacityKg: cylinder.waterCapacityKg,
    labelNetKg: cylinder.labelNetKg,
  }
}
