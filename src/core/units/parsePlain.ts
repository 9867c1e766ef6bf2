import { InputError } from '@/core/base/InputError'
import type { DisplayRole } from '@/core/base/quantity'
import { NUMBER, readNumber, tidyQuantityText } from './parseQuantity'
import { displayRoles, type UnitSystem } from './displayRoles'

/**
 * Reads a number whose unit is fixed by its role, such as a price or a percentage.
 *
 * @param text - as typed: `3.49`, `$3.49`, `50 %`, `4/8`
 * @param role - a role without a dimension
 * @param system - units the owner reads in
 * @param path - field path to carry in errors
 * @returns the value in SI
 * @throws InputError for what is no number or could be two, RangeError for a role that has a dimension
 */
export function parsePlain(text: string, role: DisplayRole, system: UnitSystem, path = ''): number {
  const shown = displayRoles[role]
  if (shown.dimension !== null) throw new RangeError(`${role} is read by parseQuantity`)
  const { scale, prefix = '', suffix } = shown[system]
  const bare = tidyQuantityText(text.replace(prefix, '').replace(suffix.trim() === '%' ? /%|per ?cent$/ : suffix, ''))
  const fraction = /^(\d+)\s*\/\s*([1-9]\d*)$/.exec(bare)
  // Eighths of a dial are a share already; everything else is in the unit shown.
  if (fraction && role === 'share') return Number(fraction[1]) / Number(fraction[2])
  const [, sign, number] = /^([+-]?) ?([\d.,][\d., ]*)$/.exec(bare) ?? []
  if (number === undefined || NUMBER.exec(number)?.[0] !== number) {
    throw new InputError(
      path,
      `“${text.trim()}” is not a number. Write it like ${role === 'share' ? '50 or 4/8' : '3.49'}.`,
    )
  }
  const value = readNumber(number, { family: system }, path)
  return (sign === '-' ? -value : value) / scale
}
