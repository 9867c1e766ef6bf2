import type { PlanPoint } from '@/core/math/planPoint'
import type { Room } from './room'

/**
 * Walls of a room on the plan, in order, clockwise from the back on the left.
 *
 * @param room - its dimensions
 */
export function roomOutline({ lengthM, widthM, corner }: Room): PlanPoint[] {
  const front = [
    { xM: 0, yM: 0 },
    { xM: lengthM, yM: 0 },
    { xM: lengthM, yM: widthM },
  ]
  if (!corner) return [...front, { xM: 0, yM: widthM }]
  return [
    ...front,
    { xM: corner.lengthM, yM: widthM },
    { xM: corner.lengthM, yM: widthM - corner.widthM },
    { xM: 0, yM: widthM - corner.widthM },
  ]
}
