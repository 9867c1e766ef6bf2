import { type Fluid, GAS_CONSTANT_J_MOL_K, propertyData } from './fluidData'

/** Properties of one phase by the short Helmholtz equation. */
export interface PhasePoint {
  pressurePa: number
  /** ∂p/∂ρ at constant temperature, J/kg. */
  pressureByDensity: number
  /** ∂p/∂T at constant density, Pa/K. */
  pressureByTemperature: number
  /** Chemical potential over RT, up to a function of temperature alone. */
  potential: number
  /** Entropy over R, up to a function of temperature alone. */
  entropy: number
}

/**
 * Evaluates the equation of state at one point, whether or not the phase is stable there.
 *
 * @param temperatureK - above 0
 * @param densityKgM3 - above 0
 * @see Span, Wagner, Int. J. Thermophys. 24 (2003) 41 and 111 [from memory]
 */
export function helmholtz(fluid: Fluid, temperatureK: number, densityKgM3: number): PhasePoint {
  const { molarMassKgMol, helmholtz: equation } = propertyData[fluid]
  const delta = densityKgM3 / equation.reducingKgM3
  const logTau = Math.log(equation.reducingK / temperatureK)

  let phi = 0
  let phiDelta = 0 // δ·∂φ/∂δ
  let phiDeltaDelta = 0 // δ²·∂²φ/∂δ²
  let phiTau = 0 // τ·∂φ/∂τ
  let phiDeltaTau = 0 // δ·τ·∂²φ/∂δ∂τ
  for (const { n, d, t, c } of equation.terms) {
    const power = c === 0 ? 0 : delta ** c
    const value = n * delta ** d * Math.exp(t * logTau - power)
    const slope = d - c * power
    phi += value
    phiDelta += value * slope
    phiDeltaDelta += value * (slope * (slope - 1) - c * c * power)
    phiTau += value * t
    phiDeltaTau += value * slope * t
  }

  const specificR = GAS_CONSTANT_J_MOL_K / molarMassKgMol
  return {
    pressurePa: densityKgM3 * specificR * temperatureK * (1 + phiDelta),
    pressureByDensity: specificR * temperatureK * (1 + 2 * phiDelta + phiDeltaDelta),
    pressureByTemperature: densityKgM3 * specificR * (1 + phiDelta - phiDeltaTau),
    potential: Math.log(delta) + phi + phiDelta,
    entropy: phiTau - phi - Math.log(delta),
  }
}
