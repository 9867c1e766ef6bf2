import type { Quantity, Phrase } from '@/core/base/quantity'
import { toUnit } from './convert'
import { displayRoles, type UnitSystem } from './displayRoles'
import { roundTo } from './roundTo'
import { unitOf } from './unitTable'

interface QuantityParts {
  number: string
  unit: string
}

// In metric units a comma may be read as a decimal sign, so a thin space separates thousands.
const thousands: Readonly<Record<UnitSystem, string>> = { us: ',', metric: '\u202f' }

function grouped(value: number, decimals: number, system: UnitSystem): string {
  const rounded = roundTo(value, decimals)
  const [whole = '0', fraction] = Math.abs(rounded).toFixed(Math.max(0, decimals)).split('.')
  const parted = whole.replace(/\B(?=(\d{3})+$)/g, thousands[system])
  return `${rounded < 0 ? '−' : ''}${parted}${fraction === undefined ? '' : `.${fraction}`}`
}

/**
 * Number and unit of a quantity as separate texts.
 *
 * @param quantity - SI value and its role
 * @param system - units the owner reads in
 */
export function quantityParts(quantity: Quantity, system: UnitSystem): QuantityParts {
  const role = displayRoles[quantity.role]
  if (role.dimension === null) {
    const { scale, prefix = '', suffix, decimals } = role[system]
    const number = grouped(quantity.value * scale, decimals, system)
    // The minus sign comes before the currency sign.
    return { number: number.startsWith('−') ? `−${prefix}${number.slice(1)}` : prefix + number, unit: suffix }
  }
  const { unit, decimals } = role[system]
  const { symbol, family } = unitOf(role.dimension, unit)
  // Grouped by the unit's own system, so that a shown value can be typed back.
  return { number: grouped(toUnit(quantity.value, role.dimension, unit), decimals, family), unit: symbol }
}

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

/**
 * Formats a phrase with its parts in the owner's units.
 *
 * @throws RangeError when the text names a missing part: a bug, not bad input
 */
export function formatPhrase({ text, parts = {} }: Phrase, system: UnitSystem): string {
  return text.replace(/\{(\w+)\}/g, (_, name: string) => {
    const part = parts[name]
    if (part === undefined) throw new RangeError(`The phrase “${text}” wants {${name}}`)
    return typeof part === 'string' ? part : formatQuantity(part, system)
  })
}

/**
 * A quantity for a field whose unit is shown beside it: the number with one decimal more than
 * on the slip, so that a stored value appears as it was typed.
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

/**
 * A mass in pounds and ounces, as kitchen scales and bottle labels show it.
 *
 * @param massKg - not negative
 * @returns such as `1 lb 11.6 oz`
 */
export function formatMixedMass(massKg: number): string {
  // Rounded before splitting; otherwise 31.97 oz would become 1 lb 16.0 oz.
  const tenthOunces = Math.round(roundTo(toUnit(massKg, 'mass', 'oz'), 1) * 10)
  const pounds = Math.floor(tenthOunces / 160)
  const ounces = ((tenthOunces - pounds * 160) / 10).toFixed(1)
  return pounds === 0 ? `${ounces} oz` : `${pounds} lb ${ounces} oz`
}
