import { InputError } from '@/core/base/InputError'
import { heatingValueJPerKg } from '@/core/fluids/heatingValueJPerKg'

/**
 * Propane burnt at a constant input.
 *
 * @param inputW - heat input
 * @param durationS - time of burning
 * @returns kg
 * @throws InputError when either is less than nothing
 */
export function gasBurntKg(inputW: number, durationS: number): number {
  if (!(inputW >= 0)) throw new InputError('inputW', 'The heat input cannot be less than nothing.')
  if (!(durationS >= 0)) throw new InputError('durationS', 'The time cannot be less than nothing.')
  return (inputW * durationS) / heatingValueJPerKg()
}
