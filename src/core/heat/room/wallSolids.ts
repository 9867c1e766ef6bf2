import type { Solid } from '@/core/math/planPoint'
import type { Room } from './room'
import { roomOutline } from './roomOutline'

/** Walls are drawn as thin boards outside the room. */
const BOARD_M = 0.02

const wallNames = ['the left wall', 'the front wall', 'the right wall']

/**
 * Walls of a room as solids, floor to ceiling.
 *
 * @param room - its dimensions
 */
export function wallSolids(room: Room): { id: string; name: string; solid: Solid }[] {
  const outline = roomOutline(room)
  return outline.map((from, i) => {
    const to = outline[(i + 1) % outline.length] ?? from
    const lengthM = Math.hypot(to.xM - from.xM, to.yM - from.yM)
    // Clockwise on the plan, the outside of a wall lies to the left of its direction.
    const outX = ((to.yM - from.yM) / lengthM) * BOARD_M
    const outY = (-(to.xM - from.xM) / lengthM) * BOARD_M
    const isLast = i === outline.length - 1
    return {
      id: `wall ${i}`,
      name: wallNames[i] ?? (isLast ? 'the back wall' : 'the wall of the corner'),
      solid: {
        points: [from, { xM: from.xM + outX, yM: from.yM + outY }, { xM: to.xM + outX, yM: to.yM + outY }, to],
        lowM: 0,
        highM: room.heightM,
      },
    }
  })
}
