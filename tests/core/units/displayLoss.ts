import type { DisplayUnit } from '@/core/units/displayRoles'

/**
 * Most that a number may lose by being shown, in its unit: half of the last decimal; a length an eighth of an inch, since
 * it is shown to the quarter; heat half of its third digit.
 *
 * @param shown - unit of a measured role
 * @param number - in that unit
 */
export function displayLoss({ unit, decimals, digits, feetAndInches }: DisplayUnit, number: number): number {
  if (feetAndInches) return 0.1251 / (unit === 'ft' ? 12 : 1)
  return Math.max(0.5001 * 10 ** -decimals, digits === undefined ? 0 : Math.abs(number) * 0.00501)
}
