import { ceilingM } from '@/core/heat/room/ceilingM'
import type { Opening, Room } from '@/core/heat/room/room'

/**
 * Height of the middle of an opening's gap above the floor.
 *
 * @param room - it is in
 * @param opening - as it stands
 */
export function openingHeightM(room: Room, { side, alongM, bottomM, heightM, openM }: Opening): number {
  if (side === 'floor') return 0
  if (side === 'roof') return ceilingM(room, room.widthM / 2)
  // A wall's opening stands over its sill; the part that is open begins there.
  const wallTopM = side === 'left' ? room.heightM : ceilingM(room, side === 'right' ? room.widthM : alongM)
  return Math.min(wallTopM, bottomM + Math.min(openM, heightM) / 2)
}
