import type { CylinderGear } from './gear'
import { gearContents } from './gearContents'

/**
 * Gas that may be counted on.
 *
 * @returns kg; null when nobody knows, and when the cylinder is overfilled: then it is not to be used
 */
export function usableGasKg(cylinder: CylinderGear): number | null {
  const contents = gearContents(cylinder)
  return contents === null || contents.overfilled ? null : contents.netKg
}
