import { boxPoints, type PlanPoint } from '@/core/math/planGeometry'
import type { HeaterBody, Pose } from '@/core/heat/heaters/heater'
import { shortestWalk, HALF_WAY_M, SQUARE_M, type WalkGrid, walkGrid } from './walkGrid'
import type { Thing } from '@/core/heat/room/thing'
import type { Room } from '@/core/heat/room/room'

/** The way from bed to door. */
export interface ExitState {
  /** `unknown`: no door or no bed is drawn. */
  state: 'clear' | 'blocked' | 'no-way-even-without' | 'unknown'
  /** The path, square by square, if there is one. */
  walk: readonly PlanPoint[]
}

/**
 * Whether there is a path from bed to door around the heater.
 *
 * @param room - with its doors
 * @param things - that stand in it
 * @param heater - and its pose; null for the room without it
 * @param grid - of the same room and things, where it is known already
 */
export function exitState(
  room: Room,
  things: readonly Thing[],
  heater: { body: HeaterBody; pose: Pose } | null,
  grid: WalkGrid = walkGrid(room, things),
): ExitState {
  if (!grid.hasExit || grid.starts.length === 0) return { state: 'unknown', walk: [] }
  const points = (walk: number[]): PlanPoint[] => walk.map(grid.middleOf)
  if (heater === null) {
    const walk = shortestWalk(grid)
    return walk ? { state: 'clear', walk: points(walk) } : { state: 'no-way-even-without', walk: [] }
  }
  const { body, pose } = heater
  const corners = boxPoints(pose, body.depthM, body.widthM, pose.turnDeg)
  const moreM = HALF_WAY_M - SQUARE_M / 2
  const x0 = Math.min(...corners.map(({ xM }) => xM)) - moreM
  const x1 = Math.max(...corners.map(({ xM }) => xM)) + moreM
  const y0 = Math.min(...corners.map(({ yM }) => yM)) - moreM
  const y1 = Math.max(...corners.map(({ yM }) => yM)) + moreM
  const walk = shortestWalk(grid, (square) => {
    const { xM, yM } = grid.middleOf(square)
    return xM > x0 && xM < x1 && yM > y0 && yM < y1
  })
  if (walk) return { state: 'clear', walk: points(walk) }
  return { state: shortestWalk(grid) ? 'blocked' : 'no-way-even-without', walk: [] }
}
