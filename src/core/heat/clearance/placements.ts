import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { type HeaterBody, type Pose, heaterBodySchema, requireHeater } from '@/core/heat/heaters/heater'
import { hoseRun } from '@/core/heat/heaters/hoseRun'
import { requireRoom } from '@/core/heat/room/requireRoom'
import type { Room } from '@/core/heat/room/room'
import { ceilingM, penetrationM } from '@/core/heat/room/roomGeometry'
import type { Thing } from '@/core/heat/room/thing'
import { boxPoints } from '@/core/math/planGeometry'
import { clearanceCheckSchema, ROUNDING_M, type Obstacle } from './clearanceCheck'
import { exitState, type ExitState } from './exitState'
import { leastMargins } from './leastMargins'
import { HALF_WAY_M, type WalkGrid, walkGrid, shortestWalk } from './walkGrid'

/** Heights at which a heater is hung: over the floor's draft and dust, within reach. */
const HUNG_AT_M = [0.15, 0.4, 0.65, 0.9]

const TURNS_DEG = [0, 90, 180, 270]

/** Whether its back is against a wall. */
function backsOnWall(room: Room, { depthM }: HeaterBody, { xM, yM, turnDeg }: Pose, gridM: number): boolean {
  const behindM = { 0: xM, 90: yM, 180: room.lengthM - xM, 270: room.widthM - yM }[turnDeg] ?? 0
  return behindM - depthM / 2 < gridM
}

/**
 * All poses of the search: each square of the floor in four rotations; hung only with the back against a wall.
 *
 * @param body - the heater
 * @param room - its dimensions
 * @param gridM - side of a square
 */
export function gridPoses(body: HeaterBody, room: Room, gridM: number): Pose[] {
  const poses: Pose[] = []
  const { depthM, widthM, heightM, mount } = body
  for (const turnDeg of TURNS_DEG) {
    const isAlong = turnDeg % 180 === 0
    const halfX = (isAlong ? depthM : widthM) / 2
    const halfY = (isAlong ? widthM : depthM) / 2
    // The last square is against the far wall, however the room divides.
    const columns = Math.floor((room.lengthM - 2 * halfX) / gridM + 1e-9)
    const rows = Math.floor((room.widthM - 2 * halfY) / gridM + 1e-9)
    const xs = Array.from({ length: columns + 1 }, (_, i) => halfX + i * gridM)
    const ys = Array.from({ length: rows + 1 }, (_, i) => halfY + i * gridM)
    const [lastX, lastY] = [room.lengthM - halfX, room.widthM - halfY]
    if (lastX - (xs.at(-1) ?? 0) > 1e-6) xs.push(lastX)
    if (lastY - (ys.at(-1) ?? 0) > 1e-6) ys.push(lastY)
    for (const yM of ys) {
      for (const xM of xs) {
        const standing: Pose = { xM, yM, turnDeg, bottomM: 0 }
        if (room.corner && penetrationM(room, boxPoints(standing, depthM, widthM, turnDeg)) < -1e-9) continue
        if (mount !== 'wall') poses.push(standing)
        if (mount === 'floor' || !backsOnWall(room, body, standing, gridM)) continue
        for (const bottomM of HUNG_AT_M) {
          if (bottomM + heightM <= ceilingM(room, yM)) poses.push({ ...standing, bottomM })
        }
      }
    }
  }
  return poses
}

export const placementsSchema = z.strictObject({
  heater: heaterBodySchema,
  objects: clearanceCheckSchema.shape.objects,
  room: clearanceCheckSchema.shape.room,
  gridM: z.number().min(0.01, 'A grid finer than a centimeter tells nothing more.').max(1).default(0.05),
})

/** A place for the heater. */
export interface Placement {
  pose: Pose
  leastMarginM: number
  /** As a clearance check of this place tells it. */
  exit: ExitState['state']
  hoseReaches: boolean
}

export interface Placements {
  /** Best first; none when there is nowhere. */
  poses: readonly Placement[]
  /** When no place fits: the place that needs the least, and what would have to move. */
  nearest: { pose: Pose; inTheWay: readonly Obstacle[] } | null
  tried: number
}

/** Proposals that an owner can look through. */
const MAX_SHOWN = 12

/** Places closer than this count as one. */
const APART_M = 0.3

/** More than this is no search any more. */
const MAX_POSES = 120_000

const rank = (a: Placement, b: Placement): number =>
  Number(b.exit === 'clear') - Number(a.exit === 'clear') ||
  Number(b.hoseReaches) - Number(a.hoseReaches) ||
  b.leastMarginM - a.leastMarginM

function isNear(a: Pose, b: Pose): boolean {
  return a.turnDeg === b.turnDeg && Math.hypot(a.xM - b.xM, a.yM - b.yM, a.bottomM - b.bottomM) < APART_M
}

function apart(sorted: readonly Placement[]): Placement[] {
  const kept: Placement[] = []
  for (const one of sorted) {
    if (kept.length === MAX_SHOWN) break
    if (!kept.some(({ pose }) => isNear(pose, one.pose))) kept.push(one)
  }
  return kept
}

/** The way out as it is without the heater: a place that leaves it free leaves the way free. */
function onWalk(grid: WalkGrid): (pose: Pose, body: HeaterBody) => boolean {
  const middles = (shortestWalk(grid) ?? []).map(grid.middleOf)
  return ({ xM, yM, turnDeg }, { depthM, widthM }) => {
    const isAlong = turnDeg % 180 === 0
    const halfX = (isAlong ? depthM : widthM) / 2 + HALF_WAY_M
    const halfY = (isAlong ? widthM : depthM) / 2 + HALF_WAY_M
    return middles.some((at) => Math.abs(at.xM - xM) < halfX && Math.abs(at.yM - yM) < halfY)
  }
}

/**
 * The best places on a grid, in four rotations, standing or hung.
 *
 * @param input - see placementsSchema
 * @param onProgress - called with the share that is done
 * @throws InputError for an impossible room or heater, or a grid too fine for the room
 */
export function placements(
  input: { heater: HeaterBody; objects: readonly Thing[]; room: Room; gridM: number },
  onProgress: (share: number) => void = () => undefined,
): Placements {
  const { heater, objects, room, gridM } = input
  requireRoom(room)
  requireHeater(heater, room)
  if ((4 * room.lengthM * room.widthM) / gridM ** 2 > MAX_POSES) {
    throw new InputError('gridM', 'That grid is too fine for a room of this size.')
  }
  const poses = gridPoses(heater, room, gridM)
  const margins = leastMargins(heater, objects, room)
  const grid = walkGrid(room, objects)
  const bars = onWalk(grid)
  const found: Placement[] = []
  let nearest: { pose: Pose; count: number; lacksM: number } | null = null
  const every = Math.max(1, Math.floor(poses.length / 50))
  for (const [i, pose] of poses.entries()) {
    if (i % every === 0) onProgress(i / poses.length)
    // Once there is a place, one that lacks anything needs no counting.
    const { leastMarginM, shellMarginM, lacking, lacksM } = margins(pose, { untilFirst: found.length > 0 })
    if (leastMarginM >= -ROUNDING_M) {
      const run = hoseRun(objects, heater, pose)
      found.push({
        pose,
        leastMarginM,
        exit: bars(pose, heater) ? 'blocked' : 'clear',
        hoseReaches: run === null || (run.reaches && !run.crossesFront),
      })
    } else if (shellMarginM >= -ROUNDING_M && found.length === 0) {
      const compareRank =
        nearest === null || lacking < nearest.count || (lacking === nearest.count && lacksM < nearest.lacksM)
      if (compareRank) nearest = { pose, count: lacking, lacksM }
    }
  }
  // The path is searched again for the best places: there may be another way around them, or none at all.
  const best = apart(found.toSorted(rank)).map((one) => ({
    ...one,
    exit: exitState(room, objects, { body: heater, pose: one.pose }, grid).state,
  }))
  return {
    poses: best.toSorted(rank),
    nearest:
      best.length > 0 || nearest === null
        ? null
        : { pose: nearest.pose, inTheWay: margins(nearest.pose, { named: true }).inTheWay },
    tried: poses.length,
  }
}
