/**
 * Rounds half away from zero to a number of decimals; −3 rounds to thousands.
 *
 * @param value - any finite number
 * @param decimals - −15 to 15
 * @returns the rounded number; never negative zero
 */
export function roundTo(value: number, decimals: number): number {
  const scale = 10 ** decimals
  // The factor corrects binary fractions such as 1.005 that are slightly too small.
  const scaled = Math.abs(value) * scale
  const rounded = Math.round(scaled * (1 + Number.EPSILON * 4)) / scale
  return rounded === 0 ? 0 : Math.sign(value) * rounded
}
