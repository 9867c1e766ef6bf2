import { auxiliarySaturation } from './auxiliarySaturation'
import { criticalPoint, type CriticalPoint } from './criticalPoint'
import type { Fluid } from './fluid'
import { propertyData, STATED_RANGE_K } from './propertyData'
import { solveSaturation, type SaturationSolution } from './solveSaturation'

/**
 * Saturation solved once at even steps of s = √(1 − T/Tc).
 *
 * In s both densities run smoothly through the critical point, where in T they turn infinitely steep; so few
 * nodes and a cubic through four of them give back the solution to about a part in 10⁸.
 */
export interface SaturationTable {
  critical: CriticalPoint
  fromK: number
  step: number
  nodes: number
  logPressure: Float64Array
  liquidDensity: Float64Array
  vapourDensity: Float64Array
  latentHeat: Float64Array
}

const INTERVALS = 256

const tables = new Map<Fluid, SaturationTable>()

/** Value at the next node, by the parabola through the last three. */
function carriedOn(rows: readonly SaturationSolution[], key: 'liquidDensityKgM3' | 'vapourDensityKgM3'): number | null {
  const [third, second, last] = rows.slice(-3)
  if (!third || !second || !last) return null
  return 3 * last[key] - 3 * second[key] + third[key]
}

function build(fluid: Fluid): SaturationTable {
  const critical = criticalPoint(fluid)
  const fromK = Math.max(propertyData[fluid].saturation.fromK, STATED_RANGE_K.from)
  const step = Math.sqrt(1 - fromK / critical.temperatureK) / INTERVALS

  const rows: SaturationSolution[] = []
  for (let i = INTERVALS; i >= 1; i -= 1) {
    const temperatureK = critical.temperatureK * (1 - (i * step) ** 2)
    const start = auxiliarySaturation(fluid, temperatureK)
    rows.push(
      solveSaturation(fluid, temperatureK, {
        liquidDensityKgM3: carriedOn(rows, 'liquidDensityKgM3') ?? start.liquidDensityKgM3,
        vapourDensityKgM3: carriedOn(rows, 'vapourDensityKgM3') ?? start.vapourDensityKgM3,
      }),
    )
  }
  rows.push({
    pressurePa: critical.pressurePa,
    liquidDensityKgM3: critical.densityKgM3,
    vapourDensityKgM3: critical.densityKgM3,
    latentHeatJPerKg: 0,
  })
  rows.reverse()

  return {
    critical,
    fromK,
    step,
    nodes: rows.length,
    logPressure: Float64Array.from(rows, (row) => Math.log(row.pressurePa)),
    liquidDensity: Float64Array.from(rows, (row) => row.liquidDensityKgM3),
    vapourDensity: Float64Array.from(rows, (row) => row.vapourDensityKgM3),
    latentHeat: Float64Array.from(rows, (row) => row.latentHeatJPerKg),
  }
}

/** The fluid's table, solved at first use (about 20 ms) and kept. */
export function saturationTable(fluid: Fluid): SaturationTable {
  let table = tables.get(fluid)
  if (!table) {
    table = build(fluid)
    tables.set(fluid, table)
  }
  return table
}
