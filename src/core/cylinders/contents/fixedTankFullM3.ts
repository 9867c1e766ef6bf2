import { FIXED_TANK_FULL } from './gaugeLevel'
import { waterCapacityVolumeM3 } from './waterCapacityVolumeM3'

/**
 * Liquid in a fixed tank that is filled to its stop.
 *
 * @param waterCapacityKg - of the tank
 * @returns m³
 * @throws InputError when the water capacity is nothing
 */
export function fixedTankFullM3(waterCapacityKg: number): number {
  return waterCapacityVolumeM3(waterCapacityKg) * FIXED_TANK_FULL
}
