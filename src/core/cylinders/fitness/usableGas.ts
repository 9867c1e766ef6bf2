import { gearContents } from '@/core/cylinders/contents/gearContents'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'

/** Why what is in a cylinder is not to be burnt, whatever it weighs. */
export type UnusableReason = 'overfilled' | 'out of service' | 'refilled and may not be carried'

/**
 * Whether something forbids using a cylinder on a trip.
 *
 * @returns null when nothing does
 */
export function unusableReason(cylinder: CylinderGear): UnusableReason | null {
  const { kind, fitness } = cylinder
  if (fitness.retiredBy !== null) return 'out of service'
  if (kind === 'bottle' && fitness.refilledAt !== null) return 'refilled and may not be carried'
  return gearContents(cylinder)?.overfilled ? 'overfilled' : null
}

/**
 * Gas that may be counted on.
 *
 * @returns kg; null when nobody knows, and when the cylinder is not to be used
 */
export function usableGasKg(cylinder: CylinderGear): number | null {
  return unusableReason(cylinder) === null ? (gearContents(cylinder)?.netKg ?? null) : null
}
