import { boxPoints, type PlanPoint } from '@/core/math/planGeometry'
import type { Room } from './room'

/** Half an inch: nothing in a rig is placed finer. */
const GRID_M = 0.0127
/** Nearer to a wall than this, a thing is against it. */
const WALL_M = 0.06

/** A box on the plan that is being moved. */
export interface MovedBox extends PlanPoint {
  /** Along x before it is turned. */
  lengthM: number
  widthM: number
  turnDeg: number
}

/**
 * Where a thing that is dropped comes to lie: against a wall that is near, else on a grid of half an inch, and inside.
 *
 * @param room - its walls
 * @param box - as it was dropped
 */
export function snapToRoom(room: Room, box: MovedBox): PlanPoint {
  const corners = boxPoints({ xM: 0, yM: 0 }, box.lengthM, box.widthM, box.turnDeg)
  const halfX = Math.max(...corners.map(({ xM }) => xM))
  const halfY = Math.max(...corners.map(({ yM }) => yM))
  const along = (at: number, half: number, endM: number): number => {
    // What is longer than the room lies in its middle.
    if (2 * half >= endM) return endM / 2
    if (at - half < WALL_M) return half
    if (endM - at - half < WALL_M) return endM - half
    return Math.round(at / GRID_M) * GRID_M
  }
  return { xM: along(box.xM, halfX, room.lengthM), yM: along(box.yM, halfY, room.widthM) }
}
