import { InputError } from '@/core/base/InputError'
import { fromUnit } from '@/core/units/convert'

/** Pressure of a meter of water at 4 °C, the definition of inches of water column. */
const WATER_PA_M = fromUnit(1, 'gaugePressure', 'inWC') / fromUnit(1, 'length', 'in')
const MAX_M = 3

/**
 * Pressure by a U-tube of clear hose: the difference of its two columns.
 *
 * @param openM - height of the column on the open side, from any mark; below the mark is negative
 * @param gasM - height on the gas's side, from the same mark
 * @returns Pa above the air
 * @throws InputError when the open column is lower: the columns were swapped
 * @example uTubeGaugePa(0.1397, -0.1397) // 2740, 11.0 in WC from 5.5 up and 5.5 down
 */
export function uTubeGaugePa(openM: number, gasM: number): number {
  for (const [field, value] of [['openM', openM] as const, ['gasM', gasM] as const]) {
    if (!(Math.abs(value) <= MAX_M)) throw new InputError(field, 'No tube is so long. Check the unit.')
  }
  if (openM < gasM) {
    throw new InputError(
      'openM',
      'The open column stands lower than the gas’s: they are the wrong way round. Pressure pushes the open side up.',
    )
  }
  return (openM - gasM) * WATER_PA_M
}
