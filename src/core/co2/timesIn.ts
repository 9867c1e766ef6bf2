/** More than this is as good as without end. */
const MOST = 9999

/**
 * How many whole times a use is in what is left.
 *
 * @param gasKg - in the cylinder
 * @param useKg - for one time
 */
export function timesIn(gasKg: number, useKg: number): number {
  return useKg > 0 ? Math.min(MOST, Math.floor(gasKg / useKg + 1e-9)) : MOST
}
