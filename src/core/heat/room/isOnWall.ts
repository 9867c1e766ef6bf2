import type { RoomSide } from './room'

/** Whether a side stands upright, so that what is in it has a height of its own. */
export function isOnWall(side: RoomSide): boolean {
  return side !== 'roof' && side !== 'floor'
}
