import type { Quantity } from '@/core/base/quantity'
import type { UnitSystem } from './displayRoles'
import { quantityParts } from './quantityParts'

/**
 * A quantity as text, such as `31.4 lb` or `14.24 kg`.
 *
 * @param quantity - SI value and its role
 * @param system - units the owner reads in
 */
export function formatQuantity(quantity: Quantity, system: UnitSystem): string {
  const { number, unit } = quantityParts(quantity, system)
  return unit === '' ? number : `${number}\u00a0${unit}`
}
