import { InputError } from '@/core/base/InputError'

/** Water at 60 °F, the temperature at which water capacity is stated; Kell, J. Chem. Eng. Data 20 (1975) 97 [from memory]. */
export const WATER_KG_M3 = 999.016

/**
 * Inside volume of a cylinder from its WC stamp.
 *
 * @param waterCapacityKg - kg of water
 * @returns m³
 * @throws InputError when it is 0 or less
 */
export function waterCapacityVolumeM3(waterCapacityKg: number): number {
  if (!(waterCapacityKg > 0)) throw new InputError('waterCapacityKg', 'The water capacity (WC) must be more than zero.')
  return waterCapacityKg / WATER_KG_M3
}

/**
 * Water capacity of an inside volume: a fixed tank's plate gives gallons.
 *
 * @param volumeM3 - inside volume
 * @returns kg of water
 */
export function waterCapacityForVolumeKg(volumeM3: number): number {
  return volumeM3 * WATER_KG_M3
}
