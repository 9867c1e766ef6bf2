import { barredFromUse } from './barredFromUse'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { gearContents } from '@/core/cylinders/contents/gearContents'

/**
 * Gas that may be counted on.
 *
 * @returns kg; null when nobody knows, and when the cylinder is not to be used
 */
export function usableGasKg(cylinder: CylinderGear): number | null {
  return barredFromUse(cylinder) === null ? (gearContents(cylinder)?.netKg ?? null) : null
}
