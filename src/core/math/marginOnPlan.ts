import { leastBeyond, type PlanBox } from './leastBeyond'
import type { PlanPoint } from './planPoint'

/** Least of a coordinate over the part of an outline that lies within a strip of the other one. */
function leastWithin(points: readonly PlanPoint[], along: 'xM' | 'yM', sign: 1 | -1, from: number, to: number): number {
  const across = along === 'xM' ? 'yM' : 'xM'
  let least = Infinity
  for (let i = 0; i < points.length; i += 1) {
    const a = points[i] as PlanPoint
    const b = points[i + 1 === points.length ? 0 : i + 1] as PlanPoint
    const run = b[across] - a[across]
    // Shares of this edge at which it enters and leaves the strip.
    const shares = run === 0 ? [0, 1] : [(from - a[across]) / run, (to - a[across]) / run].toSorted((p, q) => p - q)
    const enters = Math.max(0, shares[0] ?? 0)
    const leaves = Math.min(1, shares[1] ?? 1)
    if (enters > leaves || (run === 0 && (a[across] < from || a[across] > to))) continue
    for (const share of [enters, leaves]) {
      least = Math.min(least, sign * (a[along] + share * (b[along] - a[along])))
    }
  }
  return least
}

/**
 * How far a convex outline is from a box; where they overlap, less than nothing by the least move, straight out of one
 * side of the box, that parts them.
 *
 * @param points - clockwise on the plan
 * @param box - what must stay clear
 */
export function marginOnPlan(points: readonly PlanPoint[], box: PlanBox): number {
  const apart = leastBeyond(points, box)
  if (apart >= 0) return apart
  const { x0, x1, y0, y1 } = box
  return -Math.min(
    x1 - leastWithin(points, 'xM', 1, y0, y1),
    -x0 - leastWithin(points, 'xM', -1, y0, y1),
    y1 - leastWithin(points, 'yM', 1, x0, x1),
    -y0 - leastWithin(points, 'yM', -1, x0, x1),
  )
}
