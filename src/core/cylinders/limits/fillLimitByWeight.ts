import type { Fluid } from '@/core/fluids/fluidData'
import { InputError } from '@/core/base/InputError'
import { FIXED_TANK_FULL, massAtLevelKg } from '@/core/cylinders/contents/liquidLevel'
import { type CylinderGear, isTareKnown, tareRangeKg } from '@/core/cylinders/cylinderGear'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { BasisId } from '@/core/rules/basis/basis'
import { fillingDensityRows, PROPANE_SPECIFIC_GRAVITY, CO2_FILLING_PERCENT } from '@/core/rules/fillingDensity'
import { SIXTY_F_K } from '@/core/units/convert'

/**
 * Most propane a cylinder may hold, by weight.
 *
 * @param waterCapacityKg - WC stamp, kg of water
 * @param specificGravity - liquid at 60 °F relative to water, looked up at three decimals
 * @returns kg of propane
 * @throws InputError when the gravity is outside the table (0.271–0.634) or the water capacity is 0
 * @see 49 CFR 173.304a(d)(1) [from memory]
 * @example propaneFillLimitKg(21.59) // 9.07: 20 lb in a 47.6 lb water capacity
 */
export function propaneFillLimitKg(waterCapacityKg: number, specificGravity = PROPANE_SPECIFIC_GRAVITY): number {
  if (!(waterCapacityKg > 0)) throw new InputError('waterCapacityKg', 'The water capacity (WC) must be more than zero.')
  const gravity = Math.round(specificGravity * 1000) / 1000
  const row = fillingDensityRows.find(([from, to]) => gravity >= from && gravity <= to)
  if (!row) throw new InputError('specificGravity', 'The specific gravity must lie between 0.271 and 0.634.')
  return (waterCapacityKg * row[2]) / 100
}

/**
 * Most CO2 a cylinder may hold, by weight.
 *
 * @param waterCapacityKg - WC stamp, kg of water
 * @returns kg of CO2
 * @throws InputError when the water capacity is 0
 * @see 49 CFR 173.304a(a)(2) [from memory]
 */
export function co2FillLimitKg(waterCapacityKg: number): number {
  if (!(waterCapacityKg > 0)) throw new InputError('waterCapacityKg', 'The water capacity (WC) must be more than zero.')
  return (waterCapacityKg * CO2_FILLING_PERCENT) / 100
}

/**
 * Most gas a cylinder may hold by weight: by its water capacity, or by its label where that is less.
 *
 * @param gas - propane or CO2
 * @param waterCapacityKg - WC stamp, kg of water
 * @param labelNetKg - net weight printed on a one-pound bottle; null for none
 * @param specificGravity - of propane as sold, at 60 °F
 * @returns kg
 * @throws InputError when the water capacity is 0 or less
 */
export function fillLimitByWeightKg(
  gas: Fluid,
  waterCapacityKg: number,
  labelNetKg: number | null = null,
  specificGravity = PROPANE_SPECIFIC_GRAVITY,
): number {
  const byWeightKg =
    gas === 'propane' ? propaneFillLimitKg(waterCapacityKg, specificGravity) : co2FillLimitKg(waterCapacityKg)
  return labelNetKg === null ? byWeightKg : Math.min(labelNetKg, byWeightKg)
}

/**
 * The rule that set a limit by weight: the label where the limit is the label's, else that of the gas.
 *
 * @param limitKg - from fillLimitByWeightKg or gearLimitKg
 */
export function fillLimitBasis(gas: Fluid, labelNetKg: number | null, limitKg: number): BasisId {
  if (limitKg === labelNetKg) return 'fill-limit-label'
  return gas === 'propane' ? 'fill-limit-propane' : 'fill-limit-co2'
}

/**
 * Most gas a cylinder of the rig may hold: by weight, by its label where that is less, and for a fixed tank what
 * 80 % of its inside is at 60 °F.
 *
 * @returns kg
 * @throws InputError when the water capacity is 0
 */
export function gearLimitKg(cylinder: Pick<CylinderGear, 'kind' | 'waterCapacityKg' | 'labelNetKg'>): number {
  const { kind, waterCapacityKg, labelNetKg } = cylinder
  const { gas, isFixed } = kindFacts[kind]
  if (isFixed) return massAtLevelKg(gas, waterCapacityKg, FIXED_TANK_FULL, SIXTY_F_K)
  return fillLimitByWeightKg(gas, waterCapacityKg, labelNetKg)
}

/**
 * What the scale shows, without attachments, when a cylinder holds an amount of gas.
 *
 * @param netKg - its limit, or less
 * @returns kg; null for a fixed tank, and where nobody read the tare
 */
export function stopWeightKg(
  cylinder: Pick<CylinderGear, 'kind' | 'tareKg' | 'sources'>,
  netKg: number,
): number | null {
  // One weighed empty may weigh less by its vapor: the lighter tare stops earlier.
  return kindFacts[cylinder.kind].isFixed || !isTareKnown(cylinder) ? null : tareRangeKg(cylinder)[0] + netKg
}
