import type { PlanPoint } from './planGeometry'

/** An axis-aligned box. */
export interface PlanBox {
  x0: number
  x1: number
  y0: number
  y1: number
}

/**
 * Separation of a convex outline from a box along its axes: the least, over its points, of the
 * greatest of the four distances; negative is how far it reaches in.
 *
 * The minimum is at a corner of the outline, on an edge where two of the four are equal, or at the box center.
 *
 * @param points - clockwise on the plan
 * @param box - what must stay clear
 */
export function minSeparationM(points: readonly PlanPoint[], { x0, x1, y0, y1 }: PlanBox): number {
  const beyond = (x: number, y: number): number => Math.max(x - x1, x0 - x, y - y1, y0 - y)
  const [midX, midY] = [(x0 + x1) / 2, (y0 + y1) / 2]
  let least = Infinity
  let holdsMiddle = true
  for (let i = 0; i < points.length; i += 1) {
    const from = points[i] as PlanPoint
    const to = points[i + 1 === points.length ? 0 : i + 1] as PlanPoint
    const [dx, dy] = [to.xM - from.xM, to.yM - from.yM]
    least = Math.min(least, beyond(from.xM, from.yM))
    if (dx * (midY - from.yM) - dy * (midX - from.xM) < 0) holdsMiddle = false
    const at = (above: number, slope: number): void => {
      const share = -above / slope
      if (share > 0 && share < 1) least = Math.min(least, beyond(from.xM + share * dx, from.yM + share * dy))
    }
    // Where two of the four distances cross along this edge.
    at(2 * (from.xM - midX), 2 * dx)
    at(2 * (from.yM - midY), 2 * dy)
    at(from.xM - x1 - (from.yM - y1), dx - dy)
    at(from.xM - x1 - (y0 - from.yM), dx + dy)
    at(x0 - from.xM - (from.yM - y1), -dx - dy)
    at(x0 - from.xM - (y0 - from.yM), dy - dx)
  }
  return holdsMiddle ? Math.min(least, beyond(midX, midY)) : least
}

/** Minimum of a coordinate over the part of an outline within a strip of the other coordinate. */
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
 * Distance of a convex outline from a box; where they overlap, negative by the shortest move, along one
 * axis, that separates them.
 *
 * @param points - clockwise on the plan
 * @param box - what must stay clear
 */
export function planSeparationM(points: readonly PlanPoint[], box: PlanBox): number {
  const apart = minSeparationM(points, box)
  if (apart >= 0) return apart
  const { x0, x1, y0, y1 } = box
  return -Math.min(
    x1 - leastWithin(points, 'xM', 1, y0, y1),
    -x0 - leastWithin(points, 'xM', -1, y0, y1),
    y1 - leastWithin(points, 'yM', 1, x0, x1),
    -y0 - leastWithin(points, 'yM', -1, x0, x1),
  )
}
