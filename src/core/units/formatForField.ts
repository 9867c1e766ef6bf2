import type { Quantity } from '@/core/base/quantity'
import { displayRoles, type UnitSystem } from './displayRoles'
import { roundTo } from './roundTo'
import { toUnit } from './toUnit'

/**
 * A quantity as it stands in a field whose unit is shown beside it: bare number, one decimal more than
 * on the slip so that a stored value comes back as it was typed.
 */
export function formatForField(quantity: Quantity, system: UnitSystem): string {
  const role = displayRoles[quantity.role]
  if (role.dimension === null) {
    const { scale, decimals } = role[system]
    return String(roundTo(quantity.value * scale, decimals + 1))
  }
  const { unit, decimals } = role[system]
  return String(roundTo(toUnit(quantity.value, role.dimension, unit), decimals + 1))
}
