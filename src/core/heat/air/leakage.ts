/** Of the basic model, one story, (L/s)²/(cm⁴ K) and (L/s)²/(cm⁴ (m/s)²) with a shelter of class 3. [from memory] */
const STACK = 0.000145
const WIND = 0.000174

/** At which the leakage of a class of shell is given. */
const REFERENCE = { differenceK: 20, windMS: 4 }

/**
 * How much a shell leaks against its class, which is given at 20 K and 4 m/s: next to nothing on a calm mild night.
 *
 * @param differenceK - between inside and outside, of either sign
 * @param windMS - 0 for a verdict
 * @returns factor, 0 and above
 * @example leakageFactor(20, 4) // 1
 * @see ASHRAE Handbook, Fundamentals, basic model of residential infiltration [from memory]
 */
export function leakageFactor(differenceK: number, windMS: number): number {
  const drive = (kelvin: number, metersPerSecond: number): number => STACK * kelvin + WIND * metersPerSecond ** 2
  return Math.sqrt(drive(Math.abs(differenceK), windMS) / drive(REFERENCE.differenceK, REFERENCE.windMS))
}
