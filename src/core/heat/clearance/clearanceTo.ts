import type { HeaterBody, Pose } from '@/core/heat/heaters/heater'
import type { Thing } from '@/core/heat/room/thing'
import { planSeparationM } from '@/core/math/boxDistance'
import { boxPoints, type PlanPoint, type Solid, rotate } from '@/core/math/planGeometry'

/** The arc of a door's edge is approximated by this many straight pieces. */
const ARC_PIECES = 6

/** A leaf hinged at the back end of where it is drawn, opening to its right by a quarter turn. */
function doorSweep({ xM, yM, lengthM, turnDeg }: Thing): PlanPoint[] {
  const piece = Math.PI / 2 / ARC_PIECES
  // Tangents to the arc, so that no point of the arc is outside.
  const outerM = lengthM / Math.cos(piece / 2)
  const arc = Array.from({ length: ARC_PIECES }, (_, i) => {
    const at = piece * (i + 0.5)
    return { xM: outerM * Math.cos(at), yM: outerM * Math.sin(at) }
  })
  const leaf = [{ xM: 0, yM: 0 }, { xM: lengthM, yM: 0 }, ...arc, { xM: 0, yM: lengthM }]
  return rotate(
    leaf.map((point) => ({ xM: point.xM - lengthM / 2, yM: point.yM })),
    turnDeg,
  ).map((point) => ({ xM: point.xM + xM, yM: point.yM + yM }))
}

/**
 * Where a thing can be at any time: a curtain across itself, a door along its swing, bedding and feet all round.
 *
 * @param thing - as drawn
 */
export function sweptSolid(thing: Thing): Solid {
  const { kind, lengthM, widthM, turnDeg, lowM, highM, reachM } = thing
  if (kind === 'door-swing') return { points: doorSweep(thing), lowM, highM }
  const alongM = kind === 'curtain' ? lengthM : lengthM + 2 * reachM
  return { points: boxPoints(thing, alongM, widthM + 2 * reachM, turnDeg), lowM, highM }
}

/** A face of the heater. */
export type HeaterFace = 'front' | 'rear' | 'left side' | 'right side' | 'top' | 'underside'

/** Distance of a solid from the clearance box. */
interface Margin {
  /** Distance beyond the required one; negative when short. */
  marginM: number
  /** Face with the shortest way out. */
  face: HeaterFace
}

/** Required distance at each face. */
export interface RequiredClearances {
  frontM: number
  rearM: number
  sidesM: number
  topM: number
}

/**
 * Distance of a solid from the clearance box around a heater.
 *
 * The box is the heater's own, widened at each face by the distance to keep; its corners belong to it. The margin is
 * the least move, straight out of one face, that would bring the solid to the edge of that box.
 *
 * @param solid - where the thing can be
 * @param required - clearances required at each face
 * @param body - size of the heater
 * @param pose - where it stands and faces
 */
export function clearanceTo(solid: Solid, required: RequiredClearances, body: HeaterBody, pose: Pose): Margin {
  const { frontM, rearM, sidesM, topM } = required
  const shifted = solid.points.map(({ xM, yM }) => ({ xM: xM - pose.xM, yM: yM - pose.yM }))
  // Seen from the heater: x ahead of it, y to its right.
  const points = rotate(shifted, -pose.turnDeg)
  const [halfDepthM, halfWidthM] = [body.depthM / 2, body.widthM / 2]
  const x0 = -halfDepthM - rearM
  const x1 = halfDepthM + frontM
  const y1 = halfWidthM + sidesM
  const xs = points.map(({ xM }) => xM)
  const ys = points.map(({ yM }) => yM)
  const aheadM = Math.min(...xs) - x1
  const behindM = x0 - Math.max(...xs)
  const rightM = Math.min(...ys) - y1
  const leftM = -y1 - Math.max(...ys)
  const aboveM = solid.lowM - (pose.bottomM + body.heightM + topM)
  const belowM = pose.bottomM - solid.highM
  const acrossM = Math.max(aheadM, behindM, rightM, leftM)
  const upM = Math.max(aboveM, belowM)
  const marginM = Math.max(upM, planSeparationM(points, { x0, x1, y0: -y1, y1 }))
  if (upM >= acrossM) return { marginM, face: aboveM >= belowM ? 'top' : 'underside' }
  const lengthwise = Math.max(aheadM, behindM) >= Math.max(leftM, rightM)
  if (lengthwise) return { marginM, face: aheadM >= behindM ? 'front' : 'rear' }
  return { marginM, face: rightM >= leftM ? 'right side' : 'left side' }
}
