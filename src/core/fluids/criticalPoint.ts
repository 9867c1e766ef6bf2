import { bisect, findMinimum } from '@/core/math/findRoot'
import { type Fluid, propertyData } from './fluidData'
import { helmholtz } from './helmholtz'

export interface CriticalPoint {
  temperatureK: number
  pressurePa: number
  densityKgM3: number
}

/** Density near the reducing density at which the isotherm is flattest. */
function flattestDensity(fluid: Fluid, temperatureK: number, aboutKgM3: number): number {
  const slope = (densityKgM3: number): number => helmholtz(fluid, temperatureK, densityKgM3).pressureByDensity
  return findMinimum(slope, 0.7 * aboutKgM3, 1.3 * aboutKgM3, 1e-7 * aboutKgM3)
}

/**
 * Critical point of the short Helmholtz equation: where the minimum slope of an isotherm is 0.
 *
 * It is within a fraction of a kelvin of the measured one. The equation's own is used because two phases
 * have to merge exactly where the equation does.
 */
export function criticalPoint(fluid: Fluid): CriticalPoint {
  const { reducingK, reducingKgM3 } = propertyData[fluid].helmholtz
  const rises = (atK: number): boolean =>
    helmholtz(fluid, atK, flattestDensity(fluid, atK, reducingKgM3)).pressureByDensity > 0
  const temperatureK = bisect(rises, reducingK - 3, reducingK + 3, { width: 1e-9 * reducingK }).middle
  const densityKgM3 = flattestDensity(fluid, temperatureK, reducingKgM3)
  return { temperatureK, densityKgM3, pressurePa: helmholtz(fluid, temperatureK, densityKgM3).pressurePa }
}
