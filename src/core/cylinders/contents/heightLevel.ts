import { InputError } from '@/core/base/InputError'

/** A vessel with 2:1 elliptical ends: a cylinder on its foot, or a tank on its side. */
export interface VesselShape {
  stands: 'upright' | 'lying'
  /** Inside diameter. */
  diameterM: number
  /** Inside height when upright, inside length when lying; dished ends included. */
  lengthM: number
}

/** Depth of a 2:1 elliptical end over the vessel's diameter. */
const END_DEPTH = 0.25

/** Filled share of one 2:1 elliptical end, by the share of its depth from the pole. */
function endShare(z: number): number {
  return (3 * z * z - z * z * z) / 2
}

/** Share of a circle's area below a chord at a share of the diameter. */
function segmentShare(z: number): number {
  const angle = Math.acos(1 - 2 * z)
  return (angle - Math.sin(2 * angle) / 2) / Math.PI
}

/** Filled share of two elliptical ends, which together form a spheroid, below a level. */
function spheroidShare(z: number): number {
  return z * z * (3 - 2 * z)
}

/**
 * Share of the inside that is liquid, from the height of the liquid: by a sensor under the foot, or by the
 * line at which the wall stays cold after warm water was poured over it.
 *
 * @param shape - of the vessel
 * @param heightM - of the liquid above the lowest point inside
 * @returns 0 to 1
 * @throws InputError at `heightM`, `diameterM` or `lengthM` for what cannot be
 * @see volumes of the cylinder, the circular segment and the ellipsoid: geometry
 */
export function heightLevel({ stands, diameterM, lengthM }: VesselShape, heightM: number): number {
  if (!(diameterM > 0)) throw new InputError('diameterM', 'The inside diameter must be more than zero.')
  const endM = END_DEPTH * diameterM
  const straightM = lengthM - 2 * endM
  if (!(straightM >= 0)) {
    throw new InputError('lengthM', 'That is shorter than its two dished ends alone. Check length and diameter.')
  }
  const highestM = stands === 'upright' ? lengthM : diameterM
  if (!(heightM >= 0 && heightM <= highestM)) {
    throw new InputError('heightM', 'The liquid cannot stand higher than the vessel is inside.')
  }
  // Volumes over the cross-section π·D²/4, in meters of straight wall; an end holds 2/3 of its depth.
  const oneEnd = (2 / 3) * endM
  const whole = straightM + 2 * oneEnd
  if (stands === 'lying') {
    const z = heightM / diameterM
    return (straightM * segmentShare(z) + 2 * oneEnd * spheroidShare(z)) / whole
  }
  if (heightM <= endM) return (oneEnd * endShare(heightM / endM)) / whole
  if (heightM <= endM + straightM) return (oneEnd + heightM - endM) / whole
  return 1 - (oneEnd * endShare((lengthM - heightM) / endM)) / whole
}
