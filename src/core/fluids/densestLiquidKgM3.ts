import type { Fluid } from './fluid'
import { saturationTable } from './saturationTable'

/**
 * Density of the liquid at the coldest temperature in range: no cylinder can hold more than this, brim-full.
 *
 * @returns kg/m³
 */
export function densestLiquidKgM3(fluid: Fluid): number {
  const { liquidDensity, nodes } = saturationTable(fluid)
  return liquidDensity[nodes - 1] ?? NaN
}
