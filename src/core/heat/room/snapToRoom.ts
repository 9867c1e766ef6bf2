import { boxPoints, type PlanPoint } from '@/core/math/planGeometry'
import type { Room } from './room'

/** Half an inch. */
const GRID_M = 0.0127
/** An object this close to a wall snaps to it. */
const WALL_M = 0.06

/** A box on the plan that is being moved. */
export interface MovedBox extends PlanPoint {
  /** Along x before it is turned. */
  lengthM: number
  widthM: number
  turnDeg: number
}

/**
 * Snaps a dropped object to a wall nearby, else to a half-inch grid, inside the room.
 *
 * @param room - its walls
 * @param box - as it was dropped
 */
export function snapToRoom(room: Room, box: MovedBox): PlanPoint {
  const corners = boxPoints({ xM: 0, yM: 0 }, box.lengthM, box.widthM, box.turnDeg)
  const halfX = Math.max(...corners.map(({ xM }) => xM))
  const halfY = Math.max(...corners.map(({ yM }) => yM))
  const along = (at: number, half: number, endM: number): number => {
    // An object longer than the room is centered.
    if (2 * half >= endM) return endM / 2
    if (at - half < WALL_M) return half
    if (endM - at - half < WALL_M) return endM - half
    return Math.round(at / GRID_M) * GRID_M
  }
  return { xM: along(box.xM, halfX, room.lengthM), yM: along(box.yM, halfY, room.widthM) }
}
