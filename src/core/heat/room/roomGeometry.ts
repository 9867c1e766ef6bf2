import type { PlanPoint, Solid } from '@/core/math/planGeometry'
import type { RoomSide, Room } from './room'

/** Whether a side is vertical, so that its openings have a height. */
export function isVerticalSide(side: RoomSide): boolean {
  return side !== 'roof' && side !== 'floor'
}

/**
 * Height of the ceiling at a distance from the left side.
 *
 * @param room - its dimensions
 * @param yM - from the left side
 */
export function ceilingM({ widthM, heightM, lowHeightM = heightM }: Room, yM: number): number {
  const share = Math.min(1, Math.max(0, yM / widthM))
  return heightM + (lowHeightM - heightM) * share
}

/**
 * Walls of a room on the plan, in order, clockwise from the back on the left.
 *
 * @param room - its dimensions
 */
export function roomOutline({ lengthM, widthM, corner }: Room): PlanPoint[] {
  const front = [
    { xM: 0, yM: 0 },
    { xM: lengthM, yM: 0 },
    { xM: lengthM, yM: widthM },
  ]
  if (!corner) return [...front, { xM: 0, yM: widthM }]
  return [
    ...front,
    { xM: corner.lengthM, yM: widthM },
    { xM: corner.lengthM, yM: widthM - corner.widthM },
    { xM: 0, yM: widthM - corner.widthM },
  ]
}

/**
 * Air volume of an empty room.
 *
 * @param room - its dimensions
 */
export function roomVolumeM3(room: Room): number {
  const { lengthM, widthM, corner } = room
  // A sloping ceiling is straight: its height half-way is the mean.
  const whole = lengthM * widthM * ceilingM(room, widthM / 2)
  if (!corner) return whole
  return whole - corner.lengthM * corner.widthM * ceilingM(room, widthM - corner.widthM / 2)
}

/**
 * Distance of a set of points inside the room's walls; negative when one is outside.
 *
 * @param room - its dimensions
 * @param points - on the plan
 */
export function penetrationM({ lengthM, widthM, corner }: Room, points: readonly PlanPoint[]): number {
  const hull = Math.min(...points.map(({ xM, yM }) => Math.min(xM, lengthM - xM, yM, widthM - yM)))
  if (!corner) return hull
  const pastCorner = Math.max(
    Math.min(...points.map(({ xM }) => xM)) - corner.lengthM,
    widthM - corner.widthM - Math.max(...points.map(({ yM }) => yM)),
  )
  return Math.min(hull, pastCorner)
}

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
    // The outline is clockwise on the plan, so the outside of a wall is to the left of its direction.
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
