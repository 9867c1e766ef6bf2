import type { LevelReading } from '@/core/cylinders/cylinderGear'

/** Propane boils here at the pressure of the air, K: NIST Chemistry WebBook, SRD 69. */
const PROPANE_BOILS_K = 231.05

/**
 * What is left in a propane cylinder that gave out and was found light: no liquid, and vapour at about the pressure of
 * the air, which is what saturated vapour weighs at the boiling point.
 *
 * @param readAt - moment it gave out, ISO 8601
 */
export function ranOutLevel(readAt: string): LevelReading {
  return { liquidFraction: 0, temperatureK: PROPANE_BOILS_K, readAt }
}
