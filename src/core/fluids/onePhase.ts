import { bisect } from '@/core/math/findRoot'
import { InputError } from '@/core/base/InputError'
import { type Fluid, propertyData, requireTemperature } from './fluidData'
import { helmholtz } from './helmholtz'
import { saturation } from './saturation'
import { saturationTable } from './saturationTable'

/**
 * Pressure of a fluid that fills its space as one phase: liquid-full, all vapor, or beyond the critical temperature.
 *
 * @param temperatureK - −100 to 150 °C
 * @param densityKgM3 - mass over volume
 * @returns absolute pressure in Pa
 * @throws InputError in the two-phase region and above 100 MPa
 */
export function onePhasePressurePa(fluid: Fluid, temperatureK: number, densityKgM3: number): number {
  requireTemperature(fluid, temperatureK)
  if (!(densityKgM3 > 0)) throw new InputError('densityKgM3', 'The density must be more than zero.')
  // The equation is not monotonic far beyond its range, so extreme densities are refused first.
  const densest = 3 * propertyData[fluid].helmholtz.reducingKgM3
  const pressurePa = helmholtz(fluid, temperatureK, Math.min(densityKgM3, densest)).pressurePa
  if (densityKgM3 > densest || pressurePa > propertyData[fluid].helmholtz.toPa) {
    throw new InputError(
      'massKg',
      'That is more than fits: the liquid would press harder than 1,000 bar. Check weight and water capacity.',
    )
  }
  if (temperatureK >= saturationTable(fluid).critical.temperatureK) return pressurePa

  const phaseBoundary = saturation(fluid, temperatureK)
  // At the phase boundary the rounding of the table must not make the pressure fall.
  if (densityKgM3 >= phaseBoundary.liquidDensityKgM3) return Math.max(pressurePa, phaseBoundary.pressurePa)
  if (densityKgM3 <= phaseBoundary.vapourDensityKgM3) return Math.min(pressurePa, phaseBoundary.pressurePa)
  throw new InputError(
    'densityKgM3',
    'At this density liquid and vapor stand together; ask for the state of the cylinder instead.',
  )
}

/**
 * Density of gas at a pressure, without liquid present.
 *
 * @param temperatureK - as saturation takes it
 * @param pressurePa - absolute, below the boiling pressure at this temperature
 * @returns kg/m³
 * @throws InputError where liquid would condense
 */
export function gasDensityKgM3(fluid: Fluid, temperatureK: number, pressurePa: number): number {
  if (!(pressurePa >= 0)) throw new InputError('pressurePa', 'An absolute pressure is not below nothing.')
  const boils = temperatureK < saturationTable(fluid).critical.temperatureK
  const phaseBoundary = boils ? saturation(fluid, temperatureK) : null
  if (phaseBoundary && pressurePa > phaseBoundary.pressurePa * 1.0005) {
    throw new InputError(
      'pressurePa',
      'At this temperature gas cannot stand at such a pressure without turning liquid. Let some out, or check the temperature.',
    )
  }
  const isDenser = (density: number): boolean =>
    density > 0 && onePhasePressurePa(fluid, temperatureK, density) > pressurePa
  return bisect(isDenser, 0, phaseBoundary?.vapourDensityKgM3 ?? 300, { halvings: 60 }).middle
}
