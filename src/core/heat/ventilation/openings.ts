import type { Opening, OpeningCondition, Room } from '@/core/heat/room/room'
import { ceilingM } from '@/core/heat/room/roomGeometry'

/** Share of an opening that still lets air through. [common practice] A screen is half wire; ice may close altogether. */
const conditionShare: Readonly<Record<OpeningCondition, number>> = {
  clear: 1,
  screened: 0.5,
  iced: 0.25,
  blocked: 0,
}

/**
 * Free area of an opening: its width times how far it is open, reduced by a screen or ice.
 *
 * @param opening - as it stands
 * @returns m²; a window 24 in wide opened ½ in is 12 in²
 */
export function openAreaM2({ widthM, heightM, openM, condition }: Opening): number {
  return widthM * Math.min(openM, heightM) * conditionShare[condition]
}

/**
 * Height of the middle of an opening's gap above the floor.
 *
 * @param room - it is in
 * @param opening - as it stands
 */
export function openingHeightM(room: Room, { side, alongM, bottomM, heightM, openM }: Opening): number {
  if (side === 'floor') return 0
  if (side === 'roof') return ceilingM(room, room.widthM / 2)
  // The open part of a wall opening starts at its sill.
  const wallTopM = side === 'left' ? room.heightM : ceilingM(room, side === 'right' ? room.widthM : alongM)
  return Math.min(wallTopM, bottomM + Math.min(openM, heightM) / 2)
}
