import type { PlanPoint } from './planPoint'

/** A box that lies square. */
export interface PlanBox {
  x0: number
  x1: number
  y0: number
  y1: number
}

/**
 * How far a convex outline lies beyond a box, straight out of one of its sides: the least, over its points, of the
 * greatest of the four distances; negative is how far it reaches in.
 *
 * The least lies at a corner of the outline, on an edge where two of the four are equal, or at the middle of the box.
 *
 * @param points - clockwise on the plan
 * @param box - what must stay clear
 */
export function leastBeyond(points: readonly PlanPoint[], { x0, x1, y0, y1 }: PlanBox): number {
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
