import { InputError } from '@/core/base/InputError'
import type { Fluid } from './fluid'
import { propertyData, STATED_RANGE_K } from './propertyData'

/**
 * Refuses a temperature outside the range the equations are stated for.
 *
 * @param temperatureK - the temperature to look at
 * @throws InputError at `temperatureK`
 */
export function requireTemperature(fluid: Fluid, temperatureK: number, path = 'temperatureK'): void {
  if (!Number.isFinite(temperatureK) || temperatureK < STATED_RANGE_K.from || temperatureK > STATED_RANGE_K.to) {
    throw new InputError(path, 'The temperature must lie between −148 °F (−100 °C) and 302 °F (150 °C).')
  }
  if (temperatureK < propertyData[fluid].saturation.fromK) {
    throw new InputError(
      'temperatureK',
      'Below −69.8 °F (−56.6 °C) CO2 freezes to dry ice, which is not computed here.',
    )
  }
}
