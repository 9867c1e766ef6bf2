import { InputError } from '@/core/base/InputError'
import { cubicThrough } from '@/core/math/interpolation'
import type { Fluid } from './fluid'
import { saturationTable } from './saturationTable'

const HALVINGS = 36

/**
 * Temperature at which the liquid, swelling as it warms, has taken the whole cylinder.
 *
 * @param massKg - contents
 * @param volumeM3 - inside volume
 * @returns K; null when it never happens (too little aboard: all of it turns to vapour or passes the critical
 *   temperature first) or has happened at every temperature in range
 * @throws InputError when mass or volume is not more than nothing
 */
export function liquidFullTemperatureK(fluid: Fluid, massKg: number, volumeM3: number): number | null {
  if (!(massKg > 0)) throw new InputError('massKg', 'There must be something in the cylinder.')
  if (!(volumeM3 > 0)) throw new InputError('volumeM3', 'The volume must be more than nothing.')
  const density = massKg / volumeM3
  const { liquidDensity, critical, step, nodes } = saturationTable(fluid)
  const densest = liquidDensity[nodes - 1] ?? 0
  if (density <= critical.densityKgM3 || density > densest) return null

  let below = 0
  let above = nodes - 1
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (below + above) / 2
    if (cubicThrough(liquidDensity, middle) < density) below = middle
    else above = middle
  }
  return critical.temperatureK * (1 - (above * step) ** 2)
}
