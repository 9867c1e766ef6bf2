import { InputError } from '@/core/base/InputError'
import type { Fluid } from './fluid'
import { onePhasePressurePa } from './onePhasePressurePa'
import { saturation } from './saturation'
import { saturationTable } from './saturationTable'

/**
 * Density of a gas at a pressure, as in a line that holds no liquid.
 *
 * @param temperatureK - as saturation takes it
 * @param pressurePa - absolute, below the boiling pressure at this temperature
 * @returns kg/m³
 * @throws InputError where liquid would stand beside it
 */
export function gasDensityKgM3(fluid: Fluid, temperatureK: number, pressurePa: number): number {
  if (!(pressurePa >= 0)) throw new InputError('pressurePa', 'An absolute pressure is not below nothing.')
  const boils = temperatureK < saturationTable(fluid).critical.temperatureK
  const seam = boils ? saturation(fluid, temperatureK) : null
  if (seam && pressurePa > seam.pressurePa * 1.0005) {
    throw new InputError(
      'pressurePa',
      'At this temperature gas cannot stand at such a pressure without turning liquid. Let some out, or check the temperature.',
    )
  }
  let below = 0
  let above = seam?.vapourDensityKgM3 ?? 300
  for (let i = 0; i < 60; i += 1) {
    const middle = (below + above) / 2
    if (middle > 0 && onePhasePressurePa(fluid, temperatureK, middle) > pressurePa) above = middle
    else below = middle
  }
  return (below + above) / 2
}
