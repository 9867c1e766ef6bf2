import { ceilingM, wallSolids } from '@/core/heat/room/roomGeometry'
import { ROUNDING_M, requiredClearances, type Obstacle } from './clearanceCheck'
import type { HeaterBody, Pose } from '@/core/heat/heaters/heater'
import { type PlanBox, planSeparationM } from '@/core/math/boxDistance'
import { type RequiredClearances, sweptSolid } from './clearanceTo'
import type { Solid } from '@/core/math/planGeometry'
import type { Thing } from '@/core/heat/room/thing'
import type { Room } from '@/core/heat/room/room'

/** What the placement search needs about one pose. */
export interface PoseMargins {
  leastMarginM: number
  /** To walls and ceiling alone: they do not move. */
  shellMarginM: number
  /** Things that lack distance, and by how much together. */
  lacking: number
  lacksM: number
  inTheWay: readonly Obstacle[]
}

interface Candidate {
  id: string
  name: string
  solid: Solid
  required: RequiredClearances
  isShell: boolean
  x0: number
  x1: number
  y0: number
  y1: number
  isSquare: boolean
}

function candidate(id: string, name: string, solid: Solid, required: RequiredClearances, isShell: boolean): Candidate {
  const xs = solid.points.map(({ xM }) => xM)
  const ys = solid.points.map(({ yM }) => yM)
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  const isSquare =
    solid.points.length === 4 &&
    solid.points.every(({ xM, yM }) => Math.min(xM - x0, x1 - xM) < 1e-9 && Math.min(yM - y0, y1 - yM) < 1e-9)
  return { id, name, solid, required, isShell, x0, x1, y0, y1, isSquare }
}

/**
 * Margins of a heater for many poses in quarter turns: the same as marginTo gives, by extents alone wherever that is exact.
 *
 * @param body - the heater
 * @param things - of the room
 * @param room - its walls and ceiling
 * @returns a function of the pose; it lists the obstacles on request
 */
export function leastMargins(
  body: HeaterBody,
  things: readonly Thing[],
  room: Room,
): (pose: Pose, named?: boolean) => PoseMargins {
  const wall = { kind: 'other', combustible: room.liningsBurn } as const
  const all = [
    ...wallSolids(room).map(({ id, name, solid }) => candidate(id, name, solid, requiredClearances(wall, body), true)),
    ...things
      .filter(({ kind }) => kind !== 'gas-outlet')
      .map((thing) => candidate(thing.id, thing.name, sweptSolid(thing), requiredClearances(thing, body), false)),
  ]
  const { topM, ceilingM: ownM = topM } = body.clearances
  const overheadM = room.liningsBurn ? ownM : 0
  const { depthM, widthM, heightM } = body

  /** Clearance box for one object, in one of the four rotations. */
  const boxOf = ({ frontM, rearM, sidesM }: RequiredClearances, { xM, yM, turnDeg }: Pose): PlanBox => {
    const [ahead, behind, across] = [depthM / 2 + frontM, depthM / 2 + rearM, widthM / 2 + sidesM]
    return {
      x0: xM - (turnDeg === 0 ? behind : turnDeg === 180 ? ahead : across),
      x1: xM + (turnDeg === 0 ? ahead : turnDeg === 180 ? behind : across),
      y0: yM - (turnDeg === 90 ? behind : turnDeg === 270 ? ahead : across),
      y1: yM + (turnDeg === 90 ? ahead : turnDeg === 270 ? behind : across),
    }
  }
  const marginOf = (one: Candidate, pose: Pose, leastM: number): number => {
    const box = boxOf(one.required, pose)
    const upM = Math.max(one.solid.lowM - (pose.bottomM + heightM + one.required.topM), pose.bottomM - one.solid.highM)
    const byExtentM = Math.max(one.x0 - box.x1, box.x0 - one.x1, one.y0 - box.y1, box.y0 - one.y1, upM)
    // A rotated object may be farther away than its bounding box; checked only where it matters.
    if (one.isSquare || byExtentM > Math.max(0, leastM)) return byExtentM
    return Math.max(upM, planSeparationM(one.solid.points, box))
  }

  return (pose, named = false) => {
    const isAlong = pose.turnDeg % 180 === 0
    const halfY = (isAlong ? widthM : depthM) / 2
    const ceiling =
      Math.min(ceilingM(room, pose.yM - halfY), ceilingM(room, pose.yM + halfY)) - pose.bottomM - heightM - overheadM
    let shellMarginM = ceiling
    let leastMarginM = ceiling
    let lacking = 0
    let lacksM = 0
    const inTheWay: Obstacle[] = []
    for (const one of all) {
      const marginM = marginOf(one, pose, leastMarginM)
      if (marginM < leastMarginM) leastMarginM = marginM
      if (one.isShell && marginM < shellMarginM) shellMarginM = marginM
      if (marginM < -ROUNDING_M && !one.isShell) {
        lacking += 1
        lacksM -= marginM
        if (named) inTheWay.push({ id: one.id, name: one.name, lacksM: -marginM })
      }
    }
    return { leastMarginM, shellMarginM, lacking, lacksM, inTheWay }
  }
}
