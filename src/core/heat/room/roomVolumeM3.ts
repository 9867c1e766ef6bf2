import { ceilingM } from './ceilingM'
import type { Room } from './room'

/**
 * Air a room holds, without what stands in it.
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
