import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { lagrangeCubic } from '@/core/math/interpolation'
import { fluidSchema, type Fluid, requireTemperature } from './fluidData'
import { saturationTable } from './saturationTable'

/** Inputs of saturation, as sent from outside. */
export const saturationSchema = z.strictObject({ fluid: fluidSchema, temperatureK: z.number() })

interface Saturation {
  /** Absolute. */
  pressurePa: number
  liquidDensityKgM3: number
  vapourDensityKgM3: number
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
    latentHeatJPerKg: lagrangeCubic(table.latentHeat, place),
  }
}
