import { InputError } from '@/core/base/InputError'
import type { Fluid } from '@/core/fluids/fluid'
import { saturation } from '@/core/fluids/saturation'
import { waterCapacityVolumeM3 } from './waterCapacityVolumeM3'

/**
 * Gas in a vessel from the level of its liquid, the vapour above it counted.
 *
 * @param liquidFraction - share of the inside that is liquid, 0 to 1
 * @param temperatureK - of the liquid
 * @returns kg
 * @throws InputError at `liquidFraction` outside 0 to 1, and as saturation does
 */
export function massOfLevelKg(
  gas: Fluid,
  waterCapacityKg: number,
  liquidFraction: number,
  temperatureK: number,
): number {
  if (!(liquidFraction >= 0 && liquidFraction <= 1)) {
    throw new InputError('liquidFraction', 'A level lies between empty and brim-full.')
  }
  const { liquidDensityKgM3, vapourDensityKgM3 } = saturation(gas, temperatureK)
  const density = liquidFraction * liquidDensityKgM3 + (1 - liquidFraction) * vapourDensityKgM3
  return density * waterCapacityVolumeM3(waterCapacityKg)
}
