/** Bottles that are weighed in ounces and grams hold less than this of water. */
const SMALL_KG = 2.5

/** Whether a weight on a collar is that of a one-pound bottle rather than of a cylinder. */
export function isSmallVessel(massKg: number): boolean {
  return massKg < SMALL_KG
}
