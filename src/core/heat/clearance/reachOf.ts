import { boxPoints } from '@/core/math/boxPoints'
import type { PlanPoint, Solid } from '@/core/math/planPoint'
import type { Thing } from '@/core/heat/room/thing'
import { turnAbout } from '@/core/math/turnAbout'

/** A door's edge goes along an arc; it is taken as a few straight pieces around it. */
const ARC_PIECES = 6

/** A leaf hinged at the back end of where it is drawn, opening to its right by a quarter turn. */
function doorReach({ xM, yM, lengthM, turnDeg }: Thing): PlanPoint[] {
  const piece = Math.PI / 2 / ARC_PIECES
  // Tangents around the arc, so that no point of it lies outside.
  const outerM = lengthM / Math.cos(piece / 2)
  const arc = Array.from({ length: ARC_PIECES }, (_, i) => {
    const at = piece * (i + 0.5)
    return { xM: outerM * Math.cos(at), yM: outerM * Math.sin(at) }
  })
  const leaf = [{ xM: 0, yM: 0 }, { xM: lengthM, yM: 0 }, ...arc, { xM: 0, yM: lengthM }]
  return turnAbout(
    leaf.map((point) => ({ xM: point.xM - lengthM / 2, yM: point.yM })),
    turnDeg,
  ).map((point) => ({ xM: point.xM + xM, yM: point.yM + yM }))
}

/**
 * Where a thing can be at any time: a curtain across itself, a door along its swing, bedding and feet all round.
 *
 * @param thing - as drawn
 */
export function reachOf(thing: Thing): Solid {
  const { kind, lengthM, widthM, turnDeg, lowM, highM, reachM } = thing
  if (kind === 'door-swing') return { points: doorReach(thing), lowM, highM }
  const alongM = kind === 'curtain' ? lengthM : lengthM + 2 * reachM
  return { points: boxPoints(thing, alongM, widthM + 2 * reachM, turnDeg), lowM, highM }
}
