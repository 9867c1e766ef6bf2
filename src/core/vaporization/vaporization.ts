import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { heatingValueJPerKg, requireTemperature } from '@/core/fluids/fluidData'
import { saturation } from '@/core/fluids/saturation'
import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import { boilingTemperatureK } from './propaneSaturationTable'
import { liquidFraction, cylinderAtRest, wallConductanceWPerK } from './cylinderThermalState'
import { vesselBody, vesselSchema } from './vessel'
import { cylinderSites, heatTransferCoefficientWPerM2K } from './heatTransfer'

export const vaporizationSchema = z.strictObject({
  vessel: vesselSchema,
  liquidKg: z.number().min(0, 'The gas aboard cannot be less than zero.').max(5000),
  airTemperatureK: z.number(),
  /** Inlet pressure that the regulator needs. */
  minimumGaugePa: z.number().min(0, 'A gauge pressure that is of use is not below nothing.').max(1_000_000),
  windMS: z.number().default(0),
  site: z.enum(cylinderSites).default('open'),
  altitudeM: z.number().default(0),
  /** Overrides the coefficient from wind and site; the suppliers' table corresponds to 11 to 12. */
  wallUWPerM2K: z.number().positive('The wall lets some heat through.').max(1000).optional(),
})

export type VaporizationInput = z.output<typeof vaporizationSchema>

export interface Vaporization {
  /** Heat input that can be sustained with this content. */
  continuousW: number
  /** Heat flow through the wetted wall. */
  wallW: number
  /** Temperature of the liquid at which the pressure is just enough. */
  liquidK: number
  wettedAreaM2: number
  wallUWPerM2K: number
}

/**
 * Sustainable draw of a cylinder: the heat through its wetted wall boils this much.
 *
 * @param input - vessel, contents, air, and lowest usable pressure
 * @returns the sustainable heat input with its basis; 0 when the air is too cold
 * @throws InputError for more gas than fits as liquid, or an air temperature out of range
 * @see docs/models.md, “A cylinder as it boils”
 */
export function vaporization(input: VaporizationInput): Vaporization {
  requireTemperature('propane', input.airTemperatureK, 'airTemperatureK')
  const body = vesselBody(input.vessel)
  const needPa = standardAtmospherePa(input.altitudeM) + input.minimumGaugePa
  const liquidK = boilingTemperatureK(needPa)
  const phaseBoundary = saturation('propane', liquidK)
  if (input.liquidKg > phaseBoundary.liquidDensityKgM3 * body.volumeM3) {
    throw new InputError(
      'liquidKg',
      'That is more than fits into the vessel as liquid. Check weight and water capacity.',
    )
  }
  const perM2K = input.wallUWPerM2K ?? heatTransferCoefficientWPerM2K(input.windMS, input.site)
  const held = cylinderAtRest(body, input.liquidKg, liquidK)
  const share = liquidFraction(held)
  const perK = wallConductanceWPerK(held, perM2K, input.liquidKg)
  const wallW = share > 0 ? Math.max(0, perK * (input.airTemperatureK - liquidK)) : 0
  return {
    continuousW: (wallW / phaseBoundary.latentHeatJPerKg) * heatingValueJPerKg(),
    wallW,
    liquidK,
    wettedAreaM2: perK / perM2K,
    wallUWPerM2K: perM2K,
  }
}
