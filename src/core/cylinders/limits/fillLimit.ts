import { cylinderState } from '@/core/fluids/cylinderState'
import { fluidSchema, requireTemperature } from '@/core/fluids/fluidData'
import { z } from '@/core/base/zod'
import { saturation } from '@/core/fluids/saturation'
import { saturationTable } from '@/core/fluids/saturationTable'
import { WATER_KG_M3, waterCapacityVolumeM3 } from '@/core/cylinders/contents/waterCapacity'
import { fillLimitByWeightKg } from './fillLimitByWeight'
import { SIXTY_F_K } from '@/core/units/convert'
import { InputError } from '@/core/base/InputError'
import { PROPANE_SPECIFIC_GRAVITY } from '@/core/rules/fillingDensity'

export const fillLimitSchema = z.strictObject({
  gas: fluidSchema,
  waterCapacityKg: z.number(),
  /** For the stop weight. */
  tareKg: z.number().nullable().default(null),
  /** Adapter, hose or plug on the scale. */
  hangingKg: z.number().default(0),
  /** Of the liquid at 60 °F, for propane. */
  specificGravity: z.number().default(PROPANE_SPECIFIC_GRAVITY),
  liquidTemperatureK: z.number().default(SIXTY_F_K),
})

export type FillLimitInput = z.input<typeof fillLimitSchema>

export interface FillLimit {
  limitKg: number
  /** What the scale shows when to stop; null without a tare. */
  stopWeightKg: number | null
  /** Share of the inside that the limit takes as liquid at this temperature; null for CO2 too warm to be liquid. */
  liquidVolumeFractionAtLimit: number | null
  /** Where to stop by an outage gauge: the lower of 80 % and what the weight limit takes; null for CO2, filled by weight alone. */
  volumeLimitFraction: number | null
}

/** Liquid level at which an attendant stops, whatever the temperature. */
const MAX_LIQUID = 0.8
/** Specific gravities for which the data of pure propane is used. */
const PROPANE_GRAVITY = [0.504, 0.51] as const

function liquidShare(input: Required<Omit<FillLimitInput, 'tareKg' | 'hangingKg'>>, limitKg: number): number | null {
  const { gas, waterCapacityKg, specificGravity, liquidTemperatureK } = input
  const volumeM3 = waterCapacityVolumeM3(waterCapacityKg)
  const ownData = gas === 'co2' || (specificGravity >= PROPANE_GRAVITY[0] && specificGravity <= PROPANE_GRAVITY[1])
  if (ownData) return cylinderState(gas, limitKg, volumeM3, liquidTemperatureK).liquidVolumeFraction
  // Another gas swells about as propane does; its density at 60 °F is its own.
  if (liquidTemperatureK >= saturationTable('propane').critical.temperatureK) return null
  const swelling =
    saturation('propane', SIXTY_F_K).liquidDensityKgM3 / saturation('propane', liquidTemperatureK).liquidDensityKgM3
  return Math.min(1, (limitKg / (specificGravity * WATER_KG_M3) / volumeM3) * swelling)
}

/**
 * Fill limit, stop weight, and liquid level at the limit.
 *
 * @param input - see fillLimitSchema; masses in kg, temperature in K
 * @throws InputError with the field at fault
 * @see 49 CFR 173.304a(d)(1) and (a)(2) [from memory]; 80 % at the outage gauge, common practice
 * @example fillLimit({ gas: 'propane', waterCapacityKg: 21.59, tareKg: 8.07 }).stopWeightKg // 17.14
 */
export function fillLimit(input: FillLimitInput): FillLimit {
  const {
    gas,
    waterCapacityKg,
    tareKg = null,
    hangingKg = 0,
    specificGravity = PROPANE_SPECIFIC_GRAVITY,
    liquidTemperatureK = SIXTY_F_K,
  } = input
  requireTemperature(gas, liquidTemperatureK, 'liquidTemperatureK')
  if (tareKg !== null && !(tareKg > 0)) throw new InputError('tareKg', 'The tare (TW) must be more than zero.')
  if (!(hangingKg >= 0)) throw new InputError('hangingKg', 'What hangs on the scale cannot weigh less than zero.')
  const limitKg = fillLimitByWeightKg(gas, waterCapacityKg, null, specificGravity)
  const share = liquidShare({ gas, waterCapacityKg, specificGravity, liquidTemperatureK }, limitKg)
  return {
    limitKg,
    stopWeightKg: tareKg === null ? null : tareKg + limitKg + hangingKg,
    liquidVolumeFractionAtLimit: share,
    volumeLimitFraction: gas === 'co2' ? null : Math.min(MAX_LIQUID, share ?? MAX_LIQUID),
  }
}
