import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { heatingValueJPerKg } from '@/core/fluids/fluidData'

export const runtimeSchema = z.strictObject({ massKg: z.number(), inputW: z.number() })

/**
 * How long propane lasts at a constant draw.
 *
 * @param massKg - usable propane, not negative
 * @param inputW - heat input of what burns, greater than 0
 * @returns seconds
 * @throws InputError for a negative mass or an input of 0
 * @example runtimeS(0.4649, 2638) // 8870: 16.4 oz at 9,000 BTU/h, 2.5 h
 */
export function runtimeS(massKg: number, inputW: number): number {
  if (!(massKg >= 0)) throw new InputError('massKg', 'The gas aboard cannot be less than zero.')
  if (!(inputW > 0)) {
    throw new InputError(
      'inputW',
      'An appliance of 0 burns nothing, so its runtime has no end. Enter the heat input from its plate.',
    )
  }
  return (massKg * heatingValueJPerKg()) / inputW
}

/**
 * Propane burned at a constant input.
 *
 * @param inputW - heat input
 * @param durationS - time of burning
 * @returns kg
 * @throws InputError when either is negative
 */
export function burnedGasKg(inputW: number, durationS: number): number {
  if (!(inputW >= 0)) throw new InputError('inputW', 'The heat input cannot be less than zero.')
  if (!(durationS >= 0)) throw new InputError('durationS', 'The time cannot be less than zero.')
  return (inputW * durationS) / heatingValueJPerKg()
}
