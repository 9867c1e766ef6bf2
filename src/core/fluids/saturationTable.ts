import { criticalPoint, type CriticalPoint } from './criticalPoint'
import { type Fluid, propertyData, type Series, GAS_CONSTANT_J_MOL_K, STATED_RANGE_K } from './fluidData'
import { helmholtz } from './helmholtz'

interface AuxiliarySaturation {
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
  const { criticalK, criticalPa, criticalKgM3, pressure, liquidForm, liquid, vapor } = propertyData[fluid].saturation
  const theta = Math.max(0, 1 - temperatureK / criticalK)
  const liquidSum = sum(liquid, theta)
  return {
    pressurePa: criticalPa * Math.exp((criticalK / temperatureK) * sum(pressure, theta)),
    liquidDensityKgM3: criticalKgM3 * (liquidForm === 'power' ? 1 + liquidSum : Math.exp(liquidSum)),
    vapourDensityKgM3: criticalKgM3 * Math.exp(sum(vapor, theta)),
  }
}

interface SaturationSolution {
  pressurePa: number
  liquidDensityKgM3: number
  vapourDensityKgM3: number
  latentHeatJPerKg: number
}

/** Densities to begin from, close to the answer. */
interface SaturationGuess {
  liquidDensityKgM3: number
  vapourDensityKgM3: number
}

const MAXIMUM_STEPS = 60

/** Relative step at which the solution has converged. */
const SETTLED = 1e-10

/**
 * Near the critical point the isotherms are so flat that rounding alone moves the densities by more than that, and
 * by an amount that differs between engines; there it has converged when the steps no longer shrink.
 */
const FLAT = 1e-6

/**
 * Saturation by the Helmholtz equation: equal pressure and chemical potential of liquid and vapor.
 *
 * @param temperatureK - below the equation's critical temperature
 * @param guess - from the auxiliary equations or a neighboring temperature
 * @throws RangeError when Newton's method does not converge: a bug, not bad input
 */
export function solveSaturation(fluid: Fluid, temperatureK: number, guess: SaturationGuess): SaturationSolution {
  const specificR = GAS_CONSTANT_J_MOL_K / propertyData[fluid].molarMassKgMol
  const energy = specificR * temperatureK
  let { liquidDensityKgM3: liquid, vapourDensityKgM3: vapor } = guess
  let lastStep = Infinity

  for (let step = 0; step < MAXIMUM_STEPS; step += 1) {
    const inLiquid = helmholtz(fluid, temperatureK, liquid)
    const inVapor = helmholtz(fluid, temperatureK, vapor)
    const pressureGap = inLiquid.pressurePa - inVapor.pressurePa
    const potentialGap = (inLiquid.potential - inVapor.potential) * energy
    // ∂μ/∂ρ = (∂p/∂ρ)/ρ makes the 2×2 system short.
    const liquidSlope = inLiquid.pressureByDensity
    const vaporSlope = inVapor.pressureByDensity
    const liquidStep = (potentialGap * vapor - pressureGap) / (liquidSlope * (1 - vapor / liquid))
    const vaporStep = (pressureGap + liquidSlope * liquidStep) / vaporSlope
    const held = Math.min(1, (0.3 * vapor) / Math.abs(vaporStep), (0.3 * liquid) / Math.abs(liquidStep))
    liquid += held * liquidStep
    vapor += held * vaporStep
    const relativeStep = Math.max(Math.abs(liquidStep) / liquid, Math.abs(vaporStep) / vapor)
    const settled = relativeStep < SETTLED || (relativeStep < FLAT && relativeStep >= lastStep)
    lastStep = relativeStep
    if (settled) {
      const settledVapor = helmholtz(fluid, temperatureK, vapor)
      const settledLiquid = helmholtz(fluid, temperatureK, liquid)
      return {
        pressurePa: settledVapor.pressurePa,
        liquidDensityKgM3: liquid,
        vapourDensityKgM3: vapor,
        // Clapeyron's dp/dT times T·Δv: along the balance it is T times the difference in entropy.
        latentHeatJPerKg: energy * (settledVapor.entropy - settledLiquid.entropy),
      }
    }
  }
  throw new RangeError(`Saturation of ${fluid} at ${temperatureK} K did not settle`)
}

/**
 * Saturation solved once at even steps of s = √(1 − T/Tc).
 *
 * In s both densities are smooth through the critical point, where in T their slope is infinite; so few
 * nodes and a cubic through four of them reproduce the solution to about 1 in 10⁸.
 */
interface SaturationTable {
  critical: CriticalPoint
  fromK: number
  step: number
  nodes: number
  logPressure: Float64Array
  liquidDensity: Float64Array
  vaporDensity: Float64Array
  latentHeat: Float64Array
}

const INTERVALS = 256

const tables = new Map<Fluid, SaturationTable>()

/** Value at the next node, by the parabola through the last three. */
function extrapolate(
  rows: readonly SaturationSolution[],
  key: 'liquidDensityKgM3' | 'vapourDensityKgM3',
): number | null {
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
        liquidDensityKgM3: extrapolate(rows, 'liquidDensityKgM3') ?? start.liquidDensityKgM3,
        vapourDensityKgM3: extrapolate(rows, 'vapourDensityKgM3') ?? start.vapourDensityKgM3,
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
    vaporDensity: Float64Array.from(rows, (row) => row.vapourDensityKgM3),
    latentHeat: Float64Array.from(rows, (row) => row.latentHeatJPerKg),
  }
}

/** Saturation table of the fluid, solved at first use (about 20 ms) and cached. */
export function saturationTable(fluid: Fluid): SaturationTable {
  let table = tables.get(fluid)
  if (!table) {
    table = build(fluid)
    tables.set(fluid, table)
  }
  return table
}
