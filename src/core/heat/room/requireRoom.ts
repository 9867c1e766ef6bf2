import { InputError } from '@/core/base/InputError'
import type { Opening, Room, RoomSide } from './room'
import { isVerticalSide, ceilingM, roomVolumeM3 } from './roomGeometry'

/**
 * Refuses what is no number.
 *
 * @param values - by the field's name
 * @param within - what the fields belong to
 * @throws InputError at the first that is not finite
 */
function requireFinite(values: Readonly<Record<string, number>>, within?: string): void {
  for (const [field, value] of Object.entries(values)) {
    if (!Number.isFinite(value)) {
      throw new InputError(within === undefined ? field : `${within}.${field}`, 'Enter a number.')
    }
  }
}

/** Smallest volume accepted as a room. */
const SMALLEST_M3 = 0.2

/** Length and height of what an opening sits in. */
function wallOf(room: Room, side: RoomSide): { longM: number; highM: number } {
  const { lengthM, widthM, heightM } = room
  if (side === 'roof' || side === 'floor') return { longM: lengthM, highM: widthM }
  if (side === 'left') return { longM: lengthM, highM: heightM }
  if (side === 'right') return { longM: lengthM, highM: ceilingM(room, widthM) }
  return { longM: widthM, highM: Math.max(heightM, ceilingM(room, widthM)) }
}

function requireFits(room: Room, { name, side, widthM, heightM, bottomM, alongM }: Opening, path: string): void {
  const { longM, highM } = wallOf(room, side)
  if (widthM > longM || heightM > highM) {
    throw new InputError(`${path}.widthM`, `${name} is larger than the wall it is in.`)
  }
  if (alongM < 0 || alongM > longM) {
    throw new InputError(`${path}.alongM`, `${name} lies outside its wall.`)
  }
  if (isVerticalSide(side) && bottomM >= highM) {
    throw new InputError(`${path}.bottomM`, `${name} would sit above the ceiling.`)
  }
}

/**
 * Rejects an impossible room.
 *
 * @throws InputError at the field: no volume, a corner larger than the room, openings larger than their wall
 */
export function requireRoom(room: Room): void {
  requireFinite({ lengthM: room.lengthM, widthM: room.widthM, heightM: room.heightM }, 'room')
  if (!(roomVolumeM3(room) >= SMALLEST_M3)) {
    throw new InputError('room.heightM', 'A room holds more than zero: check length, width and height.')
  }
  const { corner, lengthM, widthM } = room
  if (corner && (corner.lengthM >= lengthM || corner.widthM >= widthM)) {
    throw new InputError('room.corner.lengthM', 'The corner walled off is larger than the room.')
  }
  for (const [i, opening] of room.openings.entries()) requireFits(room, opening, `room.openings.${i}`)
  for (const side of ['back', 'front', 'left', 'right', 'roof', 'floor'] as const) {
    const { longM, highM } = wallOf(room, side)
    const holes = room.openings.filter((opening) => opening.side === side)
    const areaM2 = holes.reduce((sum, { widthM: wide, heightM: high }) => sum + wide * high, 0)
    const last = room.openings.findLastIndex((opening) => opening.side === side)
    if (areaM2 > longM * highM) {
      throw new InputError(`room.openings.${last}.heightM`, 'The openings of this wall are larger than the wall.')
    }
  }
}
