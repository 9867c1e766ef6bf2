/** Two-sided 95 % points of Student's distribution, for 1 to 10 spare readings. Any statistical table. */
const POINTS = [12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228]

/**
 * Two-sided 95 % quantile of Student's t distribution.
 *
 * @param spare - degrees of freedom, 1 or more
 */
export function tQuantile95(spare: number): number {
  const point = POINTS[Math.max(1, Math.floor(spare)) - 1]
  // Beyond the table it approaches 1.96, the normal distribution.
  return point ?? 1.96 + 2.4 / spare
}

/**
 * Value below which a share of a sample lies, without interpolation.
 *
 * @param sorted - ascending
 * @param share - 0 to 1
 * @returns NaN for an empty sample
 */
export function quantile(sorted: readonly number[], share: number): number {
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? NaN
}

/**
 * One number of the standard normal distribution, by the Box–Muller transform.
 *
 * @param random - uniform from 0 up to 1
 */
export function sampleNormal(random: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
}
