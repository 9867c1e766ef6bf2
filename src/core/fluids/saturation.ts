import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { lagrangeCubic } from '@/core/math/interpolation'
import { fluidSchema, type Fluid, requireTemperature } from './fluidData'
import { auxiliarySaturation, saturationTable } from './saturationTable'

/** Inputs of saturation, as sent from outside. */
export const saturationSchema = z.strictObject({ fluid: fluidSchema, temperatureK: z.number() })

/** Where the short equation of CO2 begins to overstate its latent heat; from there the auxiliary equations count. */
const BLEND_K = { from: 280, to: 290 }

const SLOPE_STEP_K = 1e-3

/** Latent heat of CO2 by Clapeyron from the auxiliary equations; 0 from its critical temperature, 304.13 K, up. */
function clapeyronJPerKg(temperatureK: number): number {
  const { liquidDensityKgM3, vapourDensityKgM3 } = auxiliarySaturation('co2', temperatureK)
  const pressurePa = (atK: number): number => auxiliarySaturation('co2', atK).pressurePa
  const slope = (pressurePa(temperatureK) - pressurePa(temperatureK - SLOPE_STEP_K)) / SLOPE_STEP_K
  return temperatureK * (1 / vapourDensityKgM3 - 1 / liquidDensityKgM3) * slope
}

function latentHeatJPerKg(fluid: Fluid, temperatureK: number, byEquation: number): number {
  if (fluid === 'propane' || temperatureK <= BLEND_K.from) return byEquation
  const share = Math.min(1, (temperatureK - BLEND_K.from) / (BLEND_K.to - BLEND_K.from))
  return byEquation + share * (clapeyronJPerKg(temperatureK) - byEquation)
}

interface Saturation {
  /** Absolute. */
  pressurePa: number
  liquidDensityKgM3: number
  vapourDensityKgM3: number
  /** CO2 between 304.13 K, where it is critical, and 304.31 K, where the equation is: 0. */
  latentHeatJPerKg: number
}

/**
 * Saturation pressure, densities and latent heat.
 *
 * @param fluid - propane or CO2
 * @param temperatureK - from −100 °C (CO2: its triple point) to below the critical temperature
 * @throws InputError outside that range
 * @see propertyData for the equation of state; docs/models.md for how it is solved
 * @example saturation('propane', 310.93).pressurePa // 1.30e6, 188.6 psia at 100 °F
 */
export function saturation(fluid: Fluid, temperatureK: number): Saturation {
  requireTemperature(fluid, temperatureK)
  const table = saturationTable(fluid)
  if (temperatureK >= table.critical.temperatureK) {
    const limit = fluid === 'propane' ? '206 °F (96.8 °C) propane' : '88 °F (31.2 °C) CO2'
    throw new InputError('temperatureK', `Above ${limit} has no liquid, so there is no boiling pressure.`)
  }
  const place = Math.min(table.nodes - 1, Math.sqrt(1 - temperatureK / table.critical.temperatureK) / table.step)
  return {
    pressurePa: Math.exp(lagrangeCubic(table.logPressure, place)),
    liquidDensityKgM3: lagrangeCubic(table.liquidDensity, place),
    vapourDensityKgM3: lagrangeCubic(table.vaporDensity, place),
    latentHeatJPerKg: latentHeatJPerKg(fluid, temperatureK, lagrangeCubic(table.latentHeat, place)),
  }
}
