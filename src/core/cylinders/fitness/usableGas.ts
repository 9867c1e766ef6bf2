import { gearContents } from '@/core/cylinders/contents/gearContents'
import { type CylinderGear, isRefilledAgainstItsKind } from '@/core/cylinders/cylinderGear'

/** Why the gas in a cylinder may not be used, at any weight. */
export type UnusableReason = 'overfilled' | 'out of service' | 'refilled and may not be carried'

/**
 * Why a cylinder may not be used on a trip.
 *
 * @returns null when it may be used
 */
export function unusableReason(cylinder: CylinderGear): UnusableReason | null {
  if (cylinder.fitness.retiredBy !== null) return 'out of service'
  if (isRefilledAgainstItsKind(cylinder)) return 'refilled and may not be carried'
  return gearContents(cylinder)?.overfilled ? 'overfilled' : null
}

/**
 * Usable gas in a cylinder.
 *
 * @returns kg; null when unknown or when the cylinder may not be used
 */
export function usableGasKg(cylinder: CylinderGear): number | null {
  return unusableReason(cylinder) === null ? (gearContents(cylinder)?.netKg ?? null) : null
}
