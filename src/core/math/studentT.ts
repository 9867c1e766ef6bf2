/** Two-sided 95 % points of Student's distribution, for 1 to 10 spare readings. Any statistical table. */
const POINTS = [12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228]

/**
 * By how many standard errors a fitted number is off nineteen times of twenty, at most.
 *
 * @param spare - readings beyond the numbers fitted, one or more
 */
export function tQuantile95(spare: number): number {
  const point = POINTS[Math.max(1, Math.floor(spare)) - 1]
  // Beyond the table it closes in on the normal distribution's 1.96.
  return point ?? 1.96 + 2.4 / spare
}
