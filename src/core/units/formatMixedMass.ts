import { roundTo } from './roundTo'
import { toUnit } from './toUnit'

/**
 * A mass in pounds and ounces, as kitchen scales and bottle labels show it.
 *
 * @param massKg - not negative
 * @returns such as `1 lb 11.6 oz`
 */
export function formatMixedMass(massKg: number): string {
  // Rounded before splitting, or 31.97 oz would become 1 lb 16.0 oz.
  const tenthOunces = Math.round(roundTo(toUnit(massKg, 'mass', 'oz'), 1) * 10)
  const pounds = Math.floor(tenthOunces / 160)
  const ounces = ((tenthOunces - pounds * 160) / 10).toFixed(1)
  return pounds === 0 ? `${ounces} oz` : `${pounds} lb ${ounces} oz`
}
