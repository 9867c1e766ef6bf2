import { type Fluid, propertyData } from './fluidData'
import { helmholtz } from './helmholtz'

export interface CriticalPoint {
  temperatureK: number
  pressurePa: number
  densityKgM3: number
}

const GOLDEN = (Math.sqrt(5) - 1) / 2

/** Density near the reducing one where the isotherm is flattest. */
function flattestDensity(fluid: Fluid, temperatureK: number, aboutKgM3: number): number {
  let from = 0.7 * aboutKgM3
  let to = 1.3 * aboutKgM3
  while (to - from > 1e-7 * aboutKgM3) {
    const lower = to - GOLDEN * (to - from)
    const upper = from + GOLDEN * (to - from)
    const lowerSlope = helmholtz(fluid, temperatureK, lower).pressureByDensity
    const upperSlope = helmholtz(fluid, temperatureK, upper).pressureByDensity
    if (lowerSlope < upperSlope) to = upper
    else from = lower
  }
  return (from + to) / 2
}

/**
 * Critical point of the short Helmholtz equation itself: where its flattest isotherm has no slope left.
 *
 * It lies within a fraction of a kelvin of the measured one. The equation's own is used, because two phases
 * must become one exactly where the equation lets them.
 */
export function criticalPoint(fluid: Fluid): CriticalPoint {
  const { reducingK, reducingKgM3 } = propertyData[fluid].helmholtz
  let below = reducingK - 3
  let above = reducingK + 3
  while (above - below > 1e-9 * reducingK) {
    const middle = (below + above) / 2
    const density = flattestDensity(fluid, middle, reducingKgM3)
    if (helmholtz(fluid, middle, density).pressureByDensity > 0) above = middle
    else below = middle
  }
  const temperatureK = (below + above) / 2
  const densityKgM3 = flattestDensity(fluid, temperatureK, reducingKgM3)
  return { temperatureK, densityKgM3, pressurePa: helmholtz(fluid, temperatureK, densityKgM3).pressurePa }
}
