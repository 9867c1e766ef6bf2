import type { PlanPoint } from '@/core/math/planPoint'
import type { Room } from './room'

/**
 * How far a set of points lies inside a room's walls; negative when one of them lies outside.
 *
 * @param room - its dimensions
 * @param points - on the plan
 */
export function insideBy({ lengthM, widthM, corner }: Room, points: readonly PlanPoint[]): number {
  const hull = Math.min(...points.map(({ xM, yM }) => Math.min(xM, lengthM - xM, yM, widthM - yM)))
  if (!corner) return hull
  const pastCorner = Math.max(
    Math.min(...points.map(({ xM }) => xM)) - corner.lengthM,
    widthM - corner.widthM - Math.max(...points.map(({ yM }) => yM)),
  )
  return Math.min(hull, pastCorner)
}
