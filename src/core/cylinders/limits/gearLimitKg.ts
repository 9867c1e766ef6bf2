import { co2FillLimitKg } from './co2FillLimitKg'
import { propaneFillLimitKg } from './propaneFillLimitKg'
import { SIXTY_F_K } from '@/core/units/referenceTemperatures'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { FIXED_TANK_FULL } from '@/core/cylinders/contents/gaugeLevel'
import { massOfLevelKg } from '@/core/cylinders/contents/massOfLevelKg'

/**
 * Most gas a cylinder of the rig may hold: by weight, by its label where that is less, and for a fixed tank what
 * 80 % of its inside is at 60 °F.
 *
 * @returns kg
 * @throws InputError when the water capacity is nothing
 */
export function gearLimitKg(cylinder: Pick<CylinderGear, 'kind' | 'waterCapacityKg' | 'labelNetKg'>): number {
  const { kind, waterCapacityKg, labelNetKg } = cylinder
  if (kind === 'onboard') return massOfLevelKg('propane', waterCapacityKg, FIXED_TANK_FULL, SIXTY_F_K)
  const byWeightKg =
    kindFacts[kind].gas === 'propane' ? propaneFillLimitKg(waterCapacityKg) : co2FillLimitKg(waterCapacityKg)
  return labelNetKg === null ? byWeightKg : Math.min(labelNetKg, byWeightKg)
}
