import { ceilingM, wallSolids } from '@/core/heat/room/roomGeometry'
import { ROUNDING_M, requiredClearances, type Obstacle } from './clearanceCheck'
import type { HeaterBody, Pose } from '@/core/heat/heaters/heater'
import { planSeparationM } from '@/core/math/boxDistance'
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

/** A thing or wall, with its extent and the reach of the heater’s clearances for it in each quarter turn. */
interface Candidate {
  id: string
  name: string
  points: Solid['points']
  isShell: boolean
  isSquare: boolean
  x0: number
  x1: number
  y0: number
  y1: number
  highM: number
  /** Its underside, less the heater and the distance above it. */
  clearUnderM: number
  reaches: readonly Reach[]
}

/** How far a clearance box reaches from the middle of the heater. */
interface Reach {
  leftM: number
  rightM: number
  nearM: number
  farM: number
}

/** Reach of a clearance box at 0, 90, 180 and 270 degrees. */
function reachesOf({ depthM, widthM }: HeaterBody, { frontM, rearM, sidesM }: RequiredClearances): Reach[] {
  const [ahead, behind, across] = [depthM / 2 + frontM, depthM / 2 + rearM, widthM / 2 + sidesM]
  return [
    { leftM: behind, rightM: ahead, nearM: across, farM: across },
    { leftM: across, rightM: across, nearM: behind, farM: ahead },
    { leftM: ahead, rightM: behind, nearM: across, farM: across },
    { leftM: across, rightM: across, nearM: ahead, farM: behind },
  ]
}

function candidate(
  { id, name }: { id: string; name: string },
  { points, lowM, highM }: Solid,
  required: RequiredClearances,
  body: HeaterBody,
  isShell: boolean,
): Candidate {
  const xs = points.map(({ xM }) => xM)
  const ys = points.map(({ yM }) => yM)
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  const isSquare =
    points.length === 4 &&
    points.every(({ xM, yM }) => Math.min(xM - x0, x1 - xM) < 1e-9 && Math.min(yM - y0, y1 - yM) < 1e-9)
  const clearUnderM = lowM - body.heightM - required.topM
  return { id, name, points, isShell, isSquare, x0, x1, y0, y1, highM, clearUnderM, reaches: reachesOf(body, required) }
}

/** What is asked about a pose. */
interface MarginQuestion {
  /** List what is in the way. */
  named?: boolean
  /** Stop at the first thing that lacks distance: the least margin is then one that lacks. */
  untilFirst?: boolean
}

function marginOf(one: Candidate, { xM, yM, bottomM }: Pose, reach: Reach, leastM: number): number {
  const boxX0 = xM - reach.leftM
  const boxX1 = xM + reach.rightM
  const boxY0 = yM - reach.nearM
  const boxY1 = yM + reach.farM
  const upM = Math.max(one.clearUnderM - bottomM, bottomM - one.highM)
  const byExtentM = Math.max(one.x0 - boxX1, boxX0 - one.x1, one.y0 - boxY1, boxY0 - one.y1, upM)
  // A rotated object may be farther away than its bounding box; checked only where it matters.
  if (one.isSquare || byExtentM > Math.max(0, leastM)) return byExtentM
  return Math.max(upM, planSeparationM(one.points, { x0: boxX0, x1: boxX1, y0: boxY0, y1: boxY1 }))
}

/**
 * Margins of a heater for many poses in quarter turns: the same as marginTo gives, by extents alone wherever that is exact.
 *
 * @param body - the heater
 * @param things - of the room
 * @param room - its walls and ceiling
 * @returns a function of the pose, in quarter turns; it lists the obstacles on request
 */
export function leastMargins(
  body: HeaterBody,
  things: readonly Thing[],
  room: Room,
): (pose: Pose, question?: MarginQuestion) => PoseMargins {
  const wall = { kind: 'other', combustible: room.liningsBurn } as const
  const all = [
    ...wallSolids(room).map((one) => candidate(one, one.solid, requiredClearances(wall, body), body, true)),
    ...things
      .filter(({ kind }) => kind !== 'gas-outlet')
      .map((thing) => candidate(thing, sweptSolid(thing), requiredClearances(thing, body), body, false)),
  ]
  const { topM, ceilingM: ownM = topM } = body.clearances
  const overheadM = room.liningsBurn ? ownM : 0
  const { depthM, widthM, heightM } = body

  return (pose, { named = false, untilFirst = false } = {}) => {
    const quarter = (((pose.turnDeg / 90) % 4) + 4) % 4
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
      const reach = one.reaches[quarter]
      if (reach === undefined) throw new RangeError('a place is searched in quarter turns')
      const marginM = marginOf(one, pose, reach, leastMarginM)
      if (marginM < leastMarginM) leastMarginM = marginM
      if (untilFirst && leastMarginM < -ROUNDING_M) break
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
