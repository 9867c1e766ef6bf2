import { InputError } from '@/core/base/InputError'
import { fillingDensityRows, PROPANE_SPECIFIC_GRAVITY } from '@/core/rules/fillingDensity'

/**
 * Most propane a cylinder may hold, by weight.
 *
 * @param waterCapacityKg - WC stamp, kg of water
 * @param specificGravity - liquid at 60 °F relative to water, looked up at three decimals
 * @returns kg of propane
 * @throws InputError when the gravity is outside the table (0.271–0.634) or the water capacity is nothing
 * @see 49 CFR 173.304a(d)(1) [from memory]
 * @example propaneFillLimitKg(21.59) // 9.07: 20 lb in a 47.6 lb water capacity
 */
export function propaneFillLimitKg(waterCapacityKg: number, specificGravity = PROPANE_SPECIFIC_GRAVITY): number {
  if (!(waterCapacityKg > 0))
    throw new InputError('waterCapacityKg', 'The water capacity (WC) must be more than nothing.')
  const gravity = Math.round(specificGravity * 1000) / 1000
  const row = fillingDensityRows.find(([from, to]) => gravity >= from && gravity <= to)
  if (!row) throw new InputError('specificGravity', 'The specific gravity must lie between 0.271 and 0.634.')
  return (waterCapacityKg * row[2]) / 100
}
