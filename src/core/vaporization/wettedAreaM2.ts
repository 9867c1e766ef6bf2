import type { VesselBody } from './vesselBody'

/** Below this share of its volume the liquid no longer covers the whole bottom of a standing cylinder. */
const BOTTOM_COVERED = 0.02

/** Half the angle that the liquid of a lying tube covers, from its share of the circle. */
function halfAngle(share: number): number {
  let [low, high] = [0, Math.PI]
  for (let i = 0; i < 32; i += 1) {
    const middle = (low + high) / 2
    if (middle - Math.sin(2 * middle) / 2 < share * Math.PI) low = middle
    else high = middle
  }
  return (low + high) / 2
}

/**
 * Wall that the liquid wets inside, through which the heat to boil it comes.
 *
 * @param body - of the vessel, as a tube with flat ends
 * @param liquidFraction - share of its volume that is liquid, 0 to 1
 * @returns m²
 * @see geometry of the cylinder and the circular segment
 */
export function wettedAreaM2({ stands, diameterM, lengthM }: VesselBody, liquidFraction: number): number {
  const share = Math.min(1, Math.max(0, liquidFraction))
  const endM2 = (Math.PI / 4) * diameterM * diameterM
  if (stands === 'lying') return diameterM * halfAngle(share) * lengthM + 2 * share * endM2
  return endM2 * Math.min(1, share / BOTTOM_COVERED) + Math.PI * diameterM * lengthM * share
}
