import type { Fluid } from './fluid'
import { propertyData, type Series } from './propertyData'

export interface AuxiliarySaturation {
  pressurePa: number
  liquidDensityKgM3: number
  vapourDensityKgM3: number
}

function sum({ n, t }: Series, theta: number): number {
  return n.reduce((total, coefficient, i) => total + coefficient * theta ** (t[i] ?? 0), 0)
}

/**
 * Saturation by the auxiliary equations: explicit in temperature, and a check on the Helmholtz solution.
 *
 * @param temperatureK - from the triple point up to the critical temperature
 * @see propertyData for the sources
 */
export function auxiliarySaturation(fluid: Fluid, temperatureK: number): AuxiliarySaturation {
  const { criticalK, criticalPa, criticalKgM3, pressure, liquidForm, liquid, vapour } = propertyData[fluid].saturation
  const theta = Math.max(0, 1 - temperatureK / criticalK)
  const liquidSum = sum(liquid, theta)
  return {
    pressurePa: criticalPa * Math.exp((criticalK / temperatureK) * sum(pressure, theta)),
    liquidDensityKgM3: criticalKgM3 * (liquidForm === 'power' ? 1 + liquidSum : Math.exp(liquidSum)),
    vapourDensityKgM3: criticalKgM3 * Math.exp(sum(vapour, theta)),
  }
}
