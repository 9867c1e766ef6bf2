import type { PlanPoint } from './planPoint'

const exact: Readonly<Record<number, readonly [number, number]>> = { 0: [1, 0], 90: [0, 1], 180: [-1, 0], 270: [0, -1] }

/**
 * Turns points about the origin, clockwise on the plan; quarter turns are exact, so that four of them are none.
 *
 * @param points - on the plan
 * @param turnDeg - degrees
 */
export function turnAbout(points: readonly PlanPoint[], turnDeg: number): PlanPoint[] {
  const wrapped = ((turnDeg % 360) + 360) % 360
  const radians = (wrapped * Math.PI) / 180
  const [cos, sin] = exact[wrapped] ?? [Math.cos(radians), Math.sin(radians)]
  return points.map(({ xM, yM }) => ({ xM: xM * cos - yM * sin, yM: xM * sin + yM * cos }))
}
