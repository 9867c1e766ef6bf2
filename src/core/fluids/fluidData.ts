import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'

export const fluids = ['propane', 'co2'] as const

export type Fluid = (typeof fluids)[number]

export const fluidSchema = z.enum(fluids)

/** One term of a short Helmholtz equation: n·δ^d·τ^t·exp(−δ^c), without the exponential where c is 0. */
interface HelmholtzTerm {
  n: number
  d: number
  t: number
  c: number
}

/** Coefficients and exponents of an auxiliary equation in θ = 1 − T/Tc. */
export interface Series {
  n: readonly number[]
  t: readonly number[]
}

interface FluidData {
  molarMassKgMol: number
  /** Auxiliary saturation equations: they start the solution of the Helmholtz equation and check it. */
  saturation: {
    criticalK: number
    criticalPa: number
    criticalKgM3: number
    /** Lowest temperature the equations are stated for. */
    fromK: number
    /** ln(p/pc) = Tc/T · Σ n·θ^t */
    pressure: Series
    /** `power`: ρ/ρc = 1 + Σ n·θ^t; `exponential`: ln(ρ/ρc) = Σ n·θ^t */
    liquidForm: 'power' | 'exponential'
    liquid: Series
    /** ln(ρ/ρc) = Σ n·θ^t */
    vapor: Series
  }
  helmholtz: {
    reducingK: number
    reducingKgM3: number
    /** Largest pressure the short equations are stated for. */
    toPa: number
    terms: readonly HelmholtzTerm[]
  }
}

/** Molar gas constant as the short equations were fitted with it. */
export const GAS_CONSTANT_J_MOL_K = 8.31451

/** Temperatures a cylinder of a camper can meet, with room to spare: −100 to 150 °C. */
export const STATED_RANGE_K = { from: 173.15, to: 423.15 } as const

function term(n: number, d: number, t: number, c: number): HelmholtzTerm {
  return { n, d, t, c }
}

/**
 * Property data of the two fluids.
 *
 * - Propane, saturation: Lemmon, McLinden, Wagner, J. Chem. Eng. Data 54 (2009) 3141 [from memory]
 * - Propane, Helmholtz: Span, Wagner, Int. J. Thermophys. 24 (2003) 41, non-polar form [from memory]
 * - CO2, saturation: Span, Wagner, J. Phys. Chem. Ref. Data 25 (1996) 1509 [from memory]
 * - CO2, Helmholtz: Span, Wagner, Int. J. Thermophys. 24 (2003) 111, polar form [from memory]
 *
 * The two sets come from different papers; tests/remembered compares them.
 */
export const propertyData: Readonly<Record<Fluid, FluidData>> = {
  propane: {
    molarMassKgMol: 0.04409562,
    saturation: {
      criticalK: 369.89,
      criticalPa: 4251200,
      criticalKgM3: 220.4781,
      fromK: 85.5,
      pressure: { n: [-6.7722, 1.6938, -1.3341, -3.1876, 0.94937], t: [1, 1.5, 2.2, 4.8, 6.2] },
      liquidForm: 'power',
      liquid: { n: [1.82205, 0.65802, 0.21109, 0.083973], t: [0.345, 0.74, 2.6, 7.2] },
      vapor: { n: [-2.4887, -5.1069, -12.174, -30.495, -52.192, -134.89], t: [0.3785, 1.07, 2.7, 5.5, 10, 20] },
    },
    helmholtz: {
      reducingK: 369.825,
      reducingKgM3: 220.478,
      toPa: 100e6,
      terms: [
        term(1.0403973, 1, 0.25, 0),
        term(-2.8318404, 1, 1.125, 0),
        term(0.8439381, 1, 1.5, 0),
        term(-0.076559592, 2, 1.375, 0),
        term(0.094697373, 3, 0.25, 0),
        term(0.00024796475, 7, 0.875, 0),
        term(0.2774376, 2, 0.625, 1),
        term(-0.043846001, 5, 1.75, 1),
        term(-0.26991065, 1, 3.625, 2),
        term(-0.069313413, 4, 3.625, 2),
        term(-0.029632146, 3, 14.5, 3),
        term(0.014040127, 4, 12, 3),
      ],
    },
  },
  co2: {
    molarMassKgMol: 0.0440098,
    saturation: {
      criticalK: 304.1282,
      criticalPa: 7377300,
      criticalKgM3: 467.6,
      fromK: 216.592,
      pressure: { n: [-7.0602087, 1.9391218, -1.6463597, -3.2995634], t: [1, 1.5, 2, 4] },
      liquidForm: 'exponential',
      liquid: { n: [1.9245108, -0.62385555, -0.32731127, 0.39245142], t: [0.34, 0.5, 10 / 6, 11 / 6] },
      vapor: { n: [-1.7074879, -0.8227467, -4.6008549, -10.111178, -29.742252], t: [0.34, 0.5, 1, 7 / 3, 14 / 3] },
    },
    helmholtz: {
      reducingK: 304.1282,
      reducingKgM3: 467.6,
      toPa: 100e6,
      terms: [
        term(0.89875108, 1, 0.25, 0),
        term(-2.1281985, 1, 1.25, 0),
        term(-0.06819032, 1, 1.5, 0),
        term(0.076355306, 3, 0.25, 0),
        term(0.00022053253, 7, 0.875, 0),
        term(0.41541823, 1, 2.375, 1),
        term(0.71335657, 2, 2, 1),
        term(0.00030354234, 5, 2.125, 1),
        term(-0.36643143, 1, 3.5, 2),
        term(-0.0014407781, 1, 6.5, 2),
        term(-0.089166707, 4, 4.75, 2),
        term(-0.023699887, 2, 12.5, 3),
      ],
    },
  },
}

/**
 * Heat that propane gives when burned, gross (its water condensed): appliance plates are stated gross too.
 *
 * @returns J/kg
 * @see gas processors' tables: 50.35 MJ/kg [from memory]; the trade's 21,500 BTU/lb is 50.0 MJ/kg
 */
export function heatingValueJPerKg(): number {
  return 50.35e6
}

/**
 * Refuses a temperature outside the range the equations are stated for.
 *
 * @param temperatureK - the temperature to look at
 * @throws InputError at `temperatureK`
 */
export function requireTemperature(fluid: Fluid, temperatureK: number, path = 'temperatureK'): void {
  if (!Number.isFinite(temperatureK) || temperatureK < STATED_RANGE_K.from || temperatureK > STATED_RANGE_K.to) {
    throw new InputError(path, 'The temperature must lie between −148 °F (−100 °C) and 302 °F (150 °C).')
  }
  if (temperatureK < propertyData[fluid].saturation.fromK) {
    throw new InputError(path, 'Below −69.8 °F (−56.6 °C) CO2 freezes to dry ice, which is not computed here.')
  }
}
