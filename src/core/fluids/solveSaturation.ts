import type { Fluid } from './fluid'
import { helmholtz } from './helmholtz'
import { GAS_CONSTANT_J_MOL_K, propertyData } from './propertyData'

export interface SaturationSolution {
  pressurePa: number
  liquidDensityKgM3: number
  vapourDensityKgM3: number
  latentHeatJPerKg: number
}

/** Densities to begin from, close to the answer. */
export interface SaturationGuess {
  liquidDensityKgM3: number
  vapourDensityKgM3: number
}

const MAXIMUM_STEPS = 60
/** Relative step at which the solution has settled. */
const SETTLED = 1e-10
/**
 * Near the critical point both isotherms lie so flat that rounding alone moves the densities by more than that, and
 * by how much differs between engines; there it has settled when the steps no longer shrink.
 */
const FLAT = 1e-6

/**
 * Liquid and vapour that stand in balance by the Helmholtz equation: equal pressure, equal chemical potential.
 *
 * @param temperatureK - below the equation's critical temperature
 * @param guess - from the auxiliary equations or a neighbouring temperature
 * @throws RangeError when Newton's steps do not settle: a fault of the program
 */
export function solveSaturation(fluid: Fluid, temperatureK: number, guess: SaturationGuess): SaturationSolution {
  const specificR = GAS_CONSTANT_J_MOL_K / propertyData[fluid].molarMassKgMol
  const energy = specificR * temperatureK
  let { liquidDensityKgM3: liquid, vapourDensityKgM3: vapour } = guess
  let lastStep = Infinity

  for (let step = 0; step < MAXIMUM_STEPS; step += 1) {
    const inLiquid = helmholtz(fluid, temperatureK, liquid)
    const inVapour = helmholtz(fluid, temperatureK, vapour)
    const pressureGap = inLiquid.pressurePa - inVapour.pressurePa
    const potentialGap = (inLiquid.potential - inVapour.potential) * energy
    // ∂μ/∂ρ = (∂p/∂ρ)/ρ makes the 2×2 system short.
    const liquidSlope = inLiquid.pressureByDensity
    const vapourSlope = inVapour.pressureByDensity
    const liquidStep = (potentialGap * vapour - pressureGap) / (liquidSlope * (1 - vapour / liquid))
    const vapourStep = (pressureGap + liquidSlope * liquidStep) / vapourSlope
    const held = Math.min(1, (0.3 * vapour) / Math.abs(vapourStep), (0.3 * liquid) / Math.abs(liquidStep))
    liquid += held * liquidStep
    vapour += held * vapourStep
    const relativeStep = Math.max(Math.abs(liquidStep) / liquid, Math.abs(vapourStep) / vapour)
    const settled = relativeStep < SETTLED || (relativeStep < FLAT && relativeStep >= lastStep)
    lastStep = relativeStep
    if (settled) {
      const settledVapour = helmholtz(fluid, temperatureK, vapour)
      const settledLiquid = helmholtz(fluid, temperatureK, liquid)
      return {
        pressurePa: settledVapour.pressurePa,
        liquidDensityKgM3: liquid,
        vapourDensityKgM3: vapour,
        // Clapeyron's dp/dT times T·Δv: along the balance it is T times the difference in entropy.
        latentHeatJPerKg: energy * (settledVapour.entropy - settledLiquid.entropy),
      }
    }
  }
  throw new RangeError(`Saturation of ${fluid} at ${temperatureK} K did not settle`)
}
