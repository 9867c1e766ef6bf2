import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import type { Vessel } from './vessel'

/**
 * The vessel that a cylinder of the rig is: fixed tanks lie, all others stand.
 *
 * @param cylinder - of the rig
 */
export function vesselOf({ kind, waterCapacityKg, tareKg }: CylinderGear): Vessel {
  return {
    waterCapacityKg,
    stands: kind === 'onboard' ? 'lying' : 'upright',
    ...(tareKg > 0 && { wallKg: tareKg }),
  }
}
