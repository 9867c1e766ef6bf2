import { InputError } from '@/core/base/InputError'
import { waterCapacityVolumeM3 } from '@/core/cylinders/contents/waterCapacityVolumeM3'
import type { Vessel } from './vessel'

/** A vessel with all its measures filled in. */
export interface VesselBody {
  stands: Vessel['stands']
  volumeM3: number
  diameterM: number
  /** Of the tube that has its volume. */
  lengthM: number
  wallKg: number
}

/** Usual outside diameter by water capacity, upright. [common practice] */
const UPRIGHT: readonly (readonly [waterKg: number, diameterM: number])[] = [
  [1.107, 0.098],
  [5.4, 0.203],
  [10.8, 0.229],
  [21.6, 0.31],
  [32.4, 0.316],
  [43.2, 0.316],
  [108, 0.368],
  [454, 0.762],
]
/** A lying tank is about so many times longer than wide. [common practice] */
const LYING_SLENDERNESS = 2.5
/** A steel vessel weighs this share of the water it would hold. [common practice] */
const WALL_SHARE = 0.37

/** Along the logarithm of the size: a cylinder between two common ones has a diameter between theirs. */
function usualDiameterM(waterKg: number): number {
  const after = UPRIGHT.findIndex(([size]) => size >= waterKg)
  const upper = UPRIGHT[after === -1 ? UPRIGHT.length - 1 : after]
  const lower = UPRIGHT[after <= 0 ? (after === 0 ? 0 : UPRIGHT.length - 1) : after - 1]
  if (!upper || !lower) return 0.31
  // Beyond both ends it grows as bodies of one shape do.
  if (upper === lower) return upper[1] * Math.cbrt(waterKg / upper[0])
  const share = Math.log(waterKg / lower[0]) / Math.log(upper[0] / lower[0])
  return lower[1] + (upper[1] - lower[1]) * share
}

/**
 * Measures of a vessel, the usual ones where none are given.
 *
 * @param vessel - water capacity and how it stands, at least
 * @throws InputError at `diameterM` when it would be flatter than any vessel
 */
export function vesselBody({ waterCapacityKg, stands, diameterM, wallKg }: Vessel): VesselBody {
  const volumeM3 = waterCapacityVolumeM3(waterCapacityKg)
  const wide =
    diameterM ??
    (stands === 'upright' ? usualDiameterM(waterCapacityKg) : Math.cbrt((4 * volumeM3) / (Math.PI * LYING_SLENDERNESS)))
  const lengthM = volumeM3 / ((Math.PI / 4) * wide * wide)
  if (lengthM < wide / 4) {
    throw new InputError('diameterM', 'So wide it would be flatter than any vessel. Check diameter and water capacity.')
  }
  return { stands, volumeM3, diameterM: wide, lengthM, wallKg: wallKg ?? waterCapacityKg * WALL_SHARE }
}
