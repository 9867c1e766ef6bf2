import type { Room } from './room'

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
