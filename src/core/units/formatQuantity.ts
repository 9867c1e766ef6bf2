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

/** How a number is rounded for display. */
interface Rounding {
  decimals: number
  digits?: number
  rounded?: Quantity['rounded']
}

/** A tenth of the last place is within the rounding of stamps and of unit conversions. */
const SLACK = 0.1

/** Decimals for a number of which only so many digits mean something. */
function decimalsOf(value: number, { decimals, digits }: Rounding): number {
  if (digits === undefined || value === 0) return decimals
  return Math.min(decimals, digits - 1 - Math.floor(Math.log10(Math.abs(value))))
}

function roundedTo(value: number, decimals: number, rounded: Rounding['rounded']): number {
  if (rounded === undefined) return roundTo(value, decimals)
  const steps = value * 10 ** decimals
  return roundTo((rounded === 'down' ? Math.floor(steps + SLACK) : Math.ceil(steps - SLACK)) / 10 ** decimals, decimals)
}

function grouped(value: number, rounding: Rounding, system: UnitSystem): string {
  const decimals = decimalsOf(value, rounding)
  const rounded = roundedTo(value, decimals, rounding.rounded)
  const [whole = '0', fraction] = Math.abs(rounded).toFixed(Math.max(0, decimals)).split('.')
  const parted = whole.replace(/\B(?=(\d{3})+$)/g, thousands[system])
  return `${rounded < 0 ? '−' : ''}${parted}${fraction === undefined ? '' : `.${fraction}`}`
}

const INCHES_PER_FOOT = 12

const quarters = ['', '¼', '½', '¾'] as const

/** A length in feet and inches to the quarter, such as `2 ft 2½` and `in`. */
function feetAndInches(lengthM: number, rounded: Rounding['rounded']): QuantityParts {
  const inQuarters = roundedTo(toUnit(lengthM, 'length', 'in') * 4, 0, rounded)
  const sign = inQuarters < 0 ? '−' : ''
  const all = Math.abs(inQuarters)
  const feet = Math.floor(all / 4 / INCHES_PER_FOOT)
  const inches = Math.floor(all / 4) - feet * INCHES_PER_FOOT
  const quarter = quarters[all % 4] ?? ''
  const words = inches === 0 && quarter !== '' ? quarter : `${inches}${quarter}`
  if (feet === 0) return { number: sign + words, unit: 'in' }
  if (words === '0') return { number: `${sign}${feet}`, unit: 'ft' }
  return { number: `${sign}${feet}\u00a0ft\u00a0${words}`, unit: 'in' }
}

/**
 * Number and unit of a quantity as separate texts.
 *
 * @param quantity - SI value and its role
 * @param system - units the owner reads in
 */
export function quantityParts(quantity: Quantity, system: UnitSystem): QuantityParts {
  const { value, rounded } = quantity
  const role = displayRoles[quantity.role]
  if (role.dimension === null) {
    const { scale, prefix = '', suffix, ...shown } = role[system]
    const number = grouped(value * scale, { ...shown, rounded }, system)
    // The minus sign comes before the currency sign.
    return { number: number.startsWith('−') ? `−${prefix}${number.slice(1)}` : prefix + number, unit: suffix }
  }
  const { unit, ...shown } = role[system]
  if (shown.feetAndInches) return feetAndInches(value, rounded)
  const { symbol, family } = unitOf(role.dimension, unit)
  // Grouped by the unit's own system, so that a shown value can be typed back.
  return { number: grouped(toUnit(value, role.dimension, unit), { ...shown, rounded }, family), unit: symbol }
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

/** Inches as somebody would type them, in tenths or eighths; others, such as a number of centimeters, to the quarter. */
function typedInches(inches: number): number {
  const asTyped = [10, 8].map((parts) => roundTo(inches * parts, 0) / parts)
  return asTyped.find((typed) => Math.abs(typed - inches) < 1e-6) ?? roundTo(inches * 4, 0) / 4
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
  const { unit, decimals, feetAndInches: isInQuarters } = role[system]
  const number = toUnit(quantity.value, role.dimension, unit)
  return String(isInQuarters && unit === 'in' ? typedInches(number) : roundTo(number, decimals + 1))
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
