/** A point on the plan: from the back of the room, and from its left side. */
export interface PlanPoint {
  xM: number
  yM: number
}

/** A convex outline on the plan between two heights. */
export interface Solid {
  points: readonly PlanPoint[]
  lowM: number
  highM: number
}

const exact: Readonly<Record<number, readonly [number, number]>> = { 0: [1, 0], 90: [0, 1], 180: [-1, 0], 270: [0, -1] }

/**
 * Rotates points around the origin, clockwise on the plan; quarter turns are exact.
 *
 * @param points - on the plan
 * @param turnDeg - degrees
 */
export function rotate(points: readonly PlanPoint[], turnDeg: number): PlanPoint[] {
  const wrapped = ((turnDeg % 360) + 360) % 360
  const radians = (wrapped * Math.PI) / 180
  const [cos, sin] = exact[wrapped] ?? [Math.cos(radians), Math.sin(radians)]
  return points.map(({ xM, yM }) => ({ xM: xM * cos - yM * sin, yM: xM * sin + yM * cos }))
}

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
  return rotate(corners, turnDeg).map(({ xM, yM }) => ({ xM: xM + middle.xM, yM: yM + middle.yM }))
}
