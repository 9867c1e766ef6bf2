import type { PlanPoint } from './planPoint'
import { turnAbout } from './turnAbout'

/**
 * Corners of a box on the plan.
 *
 * @param middle - of the box
 * @param lengthM - along x before it is turned
 * @param widthM - across
 * @param turnDeg - clockwise
 */
export function boxPoints(middle: PlanPoint, lengthM: number, widthM: number, turnDeg: number): PlanPoint[] {
  const [x, y] = [lengthM / 2, widthM / 2]
  const corners = [
    { xM: -x, yM: -y },
    { xM: x, yM: -y },
    { xM: x, yM: y },
    { xM: -x, yM: y },
  ]
  return turnAbout(corners, turnDeg).map(({ xM, yM }) => ({ xM: xM + middle.xM, yM: yM + middle.yM }))
}
