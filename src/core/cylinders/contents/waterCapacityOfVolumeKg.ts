import { WATER_KG_M3 } from './waterCapacityVolumeM3'

/**
 * Water capacity of an inside volume: a fixed tank's plate gives gallons.
 *
 * @param volumeM3 - inside volume
 * @returns kg of water
 */
export function waterCapacityOfVolumeKg(volumeM3: number): number {
  return volumeM3 * WATER_KG_M3
}
