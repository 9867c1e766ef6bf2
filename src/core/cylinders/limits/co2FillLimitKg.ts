import { InputError } from '@/core/base/InputError'
import { CO2_FILLING_PERCENT } from '@/core/rules/fillingDensity'

/**
 * Most CO2 a cylinder may hold, by weight.
 *
 * @param waterCapacityKg - WC stamp, kg of water
 * @returns kg of CO2
 * @throws InputError when the water capacity is nothing
 * @see 49 CFR 173.304a(a)(2) [from memory]
 */
export function co2FillLimitKg(waterCapacityKg: number): number {
  if (!(waterCapacityKg > 0))
    throw new InputError('waterCapacityKg', 'The water capacity (WC) must be more than nothing.')
  return (waterCapacityKg * CO2_FILLING_PERCENT) / 100
}
