import type { Quantity } from '@/core/base/quantity'
import { displayRoles, type UnitSystem } from './displayRoles'
import { roundTo } from './roundTo'
import { toUnit } from './toUnit'
import { unitOf } from './unitOf'

export interface QuantityParts {
  number: string
  unit: string
}

// A comma would be read as a decimal sign by half of those who think in kilograms.
const thousands: Readonly<Record<UnitSystem, string>> = { us: ',', metric: '\u202f' }

function grouped(value: number, decimals: number, system: UnitSystem): string {
  const rounded = roundTo(value, decimals)
  const [whole = '0', fraction] = Math.abs(rounded).toFixed(Math.max(0, decimals)).split('.')
  const parted = whole.replace(/\B(?=(\d{3})+$)/g, thousands[system])
  return `${rounded < 0 ? '−' : ''}${parted}${fraction === undefined ? '' : `.${fraction}`}`
}

/**
 * Number and unit of a quantity, apart, for setting in two sizes.
 *
 * @param quantity - SI value and its role
 * @param system - units the owner reads in
 */
export function quantityParts(quantity: Quantity, system: UnitSystem): QuantityParts {
  const role = displayRoles[quantity.role]
  if (role.dimension === null) {
    const { scale, prefix = '', suffix, decimals } = role[system]
    const number = grouped(quantity.value * scale, decimals, system)
    // A minus stands before the sign of money.
    return { number: number.startsWith('−') ? `−${prefix}${number.slice(1)}` : prefix + number, unit: suffix }
  }
  const { unit, decimals } = role[system]
  const { symbol, family } = unitOf(role.dimension, unit)
  // Parted as its unit is read: what is shown in a field is understood when it comes back.
  return { number: grouped(toUnit(quantity.value, role.dimension, unit), decimals, family), unit: symbol }
}
