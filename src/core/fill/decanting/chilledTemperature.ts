import { InputError } from '@/core/base/InputError'
import { STEEL_J_KG_K } from './decant'

/** From a bottle to what it lies in: ice and water, ice and salt, or the still air of a freezer. [common practice] */
export const chillingWPerM2K = { ice: 150, freezer: 9 } as const

export type Chilling = keyof typeof chillingWPerM2K

/** Outside of a one-pound bottle, a tube of 3 by 9 in. */
const OUTSIDE_M2 = 0.07

/**
 * Temperature of a bottle's wall after some time in ice or in a freezer, as one lump: empty steel follows within minutes
 * in ice, and within half an hour in a freezer.
 *
 * @param startK - of the bottle
 * @param chilling - what it lies in
 * @param aroundK - its temperature: ice 273 K, ice and salt about 266 K, a freezer 255 K
 * @param timeS - 0 and above
 * @param tareKg - of the empty bottle
 * @throws InputError for a negative time or a bottle without weight
 */
export function chilledTemperatureK(
  startK: number,
  chilling: Chilling,
  aroundK: number,
  timeS: number,
  tareKg: number,
): number {
  if (!(timeS >= 0)) throw new InputError('timeS', 'Enter a time of 0 or more.')
  if (!(tareKg > 0)) throw new InputError('tareKg', 'Enter the weight of the empty bottle, above 0.')
  const timeConstantS = (tareKg * STEEL_J_KG_K) / (chillingWPerM2K[chilling] * OUTSIDE_M2)
  return aroundK + (startK - aroundK) * Math.exp(-timeS / timeConstantS)
}
