import { InputError } from '@/core/base/InputError'
import type { LevelReading } from '@/core/cylinders/cylinderGear'
import type { Fluid } from '@/core/fluids/fluidData'
import { saturation } from '@/core/fluids/saturation'
import { waterCapacityVolumeM3 } from './waterCapacity'

/** Most liquid a fixed tank may hold, as share of its inside: common practice and the stop of its valve. */
export const FIXED_TANK_FULL = 0.8

/**
 * What a gauge's full mark means.
 *
 * - `usable`: its full is the legal full, 80 % of the inside
 * - `eighths`: it counts eighths of that
 * - `whole`: it shows percent of the whole inside
 */
export const fullMarks = ['usable', 'eighths', 'whole'] as const

export type FullMark = (typeof fullMarks)[number]

/**
 * Share of the inside that is liquid, from a gauge.
 *
 * @param shown - share of the dial: 0.5 for half, 50 % or 4/8
 * @param fullMark - what its full mark means
 * @returns 0 to 1
 * @throws InputError at `shown` for less than empty or more than full
 * @example gaugeLevel(0.5, 'usable') // 0.4
 */
export function gaugeLevel(shown: number, fullMark: FullMark): number {
  if (!(shown >= 0 && shown <= 1))
    throw new InputError('shown', 'A gauge shows from empty to full: 0 to 100 %, or 0/8 to 8/8.')
  return fullMark === 'whole' ? shown : shown * FIXED_TANK_FULL
}

/**
 * Gas in a vessel from the level of its liquid, the vapor above it counted.
 *
 * @param liquidFraction - share of the inside that is liquid, 0 to 1
 * @param temperatureK - of the liquid
 * @returns kg
 * @throws InputError at `liquidFraction` outside 0 to 1, and as saturation does
 */
export function massAtLevelKg(
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

/**
 * Liquid in a fixed tank that is filled to its stop.
 *
 * @param waterCapacityKg - of the tank
 * @returns m³
 * @throws InputError when the water capacity is 0
 */
export function fixedTankLimitM3(waterCapacityKg: number): number {
  return waterCapacityVolumeM3(waterCapacityKg) * FIXED_TANK_FULL
}

/** Normal boiling point of propane, K: NIST Chemistry WebBook, SRD 69. */
const PROPANE_BOILS_K = 231.05

/**
 * Level reading for a propane cylinder found empty: no liquid, and saturated vapor at the normal boiling point, which
 * weighs about as much as vapor at the pressure of the air.
 *
 * @param readAt - time it ran empty, ISO 8601
 */
export function emptyLevel(readAt: string): LevelReading {
  return { liquidFraction: 0, temperatureK: PROPANE_BOILS_K, readAt }
}
