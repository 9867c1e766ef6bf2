import type { Opening, Room } from '@/core/heat/room/room'
import { penetrationM, isVerticalSide } from '@/core/heat/room/roomGeometry'
import type { Thing } from '@/core/heat/room/thing'
import { boxPoints, type PlanPoint } from '@/core/math/planGeometry'

/** The floor as a grid: free squares, squares by the bed, squares by the door. */
export interface WalkGrid {
  columns: number
  rows: number
  /** A person can stand in the middle of the square. */
  free: Uint8Array
  starts: readonly number[]
  exits: readonly number[]
  hasExit: boolean
  middleOf: (square: number) => PlanPoint
}

export const SQUARE_M = 0.1

/** Half of what a person needs to get through, sideways if need be. */
export const HALF_WAY_M = 0.2

/** What is lower than this is climbed over, as a bed; what begins higher is walked under. */
const CLIMBED_M = 0.75

const HEAD_M = 1.5

const REACH_OF_DOOR_M = 0.4

const standing: readonly Thing['kind'][] = ['bench', 'cabinet', 'table', 'cylinder', 'cylinder-locker', 'other']

/** A thing's box, or a thing askew by its extent. */
function extentOf(thing: Thing): (at: PlanPoint, moreM: number) => boolean {
  const points = boxPoints(thing, thing.lengthM, thing.widthM, thing.turnDeg)
  const xs = points.map(({ xM }) => xM)
  const ys = points.map(({ yM }) => yM)
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  return ({ xM, yM }, moreM) => xM > x0 - moreM && xM < x1 + moreM && yM > y0 - moreM && yM < y1 + moreM
}

function doorMiddle(room: Room, { side, alongM }: Opening): PlanPoint {
  if (side === 'left') return { xM: alongM, yM: 0 }
  if (side === 'right') return { xM: alongM, yM: room.widthM }
  return { xM: side === 'front' ? room.lengthM : 0, yM: alongM }
}

/**
 * The floor of a room as squares of ten centimetres.
 *
 * @param room - with its doors
 * @param things - that stand in it
 */
export function walkGrid(room: Room, things: readonly Thing[]): WalkGrid {
  const columns = Math.max(1, Math.round(room.lengthM / SQUARE_M))
  const rows = Math.max(1, Math.round(room.widthM / SQUARE_M))
  const middleOf = (square: number): PlanPoint => ({
    xM: ((square % columns) + 0.5) * SQUARE_M,
    yM: (Math.floor(square / columns) + 0.5) * SQUARE_M,
  })
  const inTheWay = things
    .filter(({ kind, lowM, highM }) => standing.includes(kind) && lowM < HEAD_M && highM > CLIMBED_M / 2)
    .map(extentOf)
  const lain = things.filter(({ kind, lowM }) => (kind === 'bed' || kind === 'sleeper') && lowM < HEAD_M).map(extentOf)
  const doors = room.openings.filter(({ kind, side }) => kind === 'door' && isVerticalSide(side))
  const free = new Uint8Array(columns * rows)
  const starts: number[] = []
  const exits: number[] = []
  for (let square = 0; square < free.length; square += 1) {
    const middle = middleOf(square)
    const onBed = lain.some((covers) => covers(middle, 0))
    if (onBed) starts.push(square)
    const fits =
      penetrationM(room, [middle]) >= HALF_WAY_M / 2 && !inTheWay.some((covers) => covers(middle, HALF_WAY_M / 2))
    if (fits || onBed) free[square] = 1
    const atDoor = doors.some((door) => {
      const at = doorMiddle(room, door)
      return Math.hypot(at.xM - middle.xM, at.yM - middle.yM) <= Math.max(REACH_OF_DOOR_M, door.widthM / 2)
    })
    if (atDoor && free[square] === 1) exits.push(square)
  }
  return { columns, rows, free, starts, exits, hasExit: doors.length > 0, middleOf }
}

/**
 * Shortest path over free squares from a bed to a door, by breadth-first search.
 *
 * @param grid - of the room
 * @param isBarred - further squares that are blocked
 * @returns squares in order; null when there is none
 */
export function shortestWalk(grid: WalkGrid, isBarred: (square: number) => boolean = () => false): number[] | null {
  const { columns, rows, free, starts, exits } = grid
  const from = new Int32Array(free.length).fill(-1)
  const goals = new Set(exits.filter((square) => !isBarred(square)))
  const queue = starts.filter((square) => free[square] === 1 && !isBarred(square))
  for (const square of queue) from[square] = square
  for (let head = 0; head < queue.length; head += 1) {
    const square = queue[head] ?? 0
    if (goals.has(square)) {
      const walk = [square]
      for (let at = square; from[at] !== at; at = from[at] ?? at) walk.push(from[at] ?? at)
      return walk.toReversed()
    }
    const column = square % columns
    const steps = [
      column > 0 ? square - 1 : -1,
      column < columns - 1 ? square + 1 : -1,
      square >= columns ? square - columns : -1,
      square < columns * (rows - 1) ? square + columns : -1,
    ]
    for (const next of steps) {
      if (next < 0 || free[next] !== 1 || from[next] !== -1 || isBarred(next)) continue
      from[next] = square
      queue.push(next)
    }
  }
  return null
}
