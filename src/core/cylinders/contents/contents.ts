import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { fillLimitByWeightKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { densestLiquidKgM3 } from '@/core/fluids/cylinderState'
import { heatingValueJPerKg, type Fluid, fluidSchema, requireTemperature } from '@/core/fluids/fluidData'
import { saturation } from '@/core/fluids/saturation'
import { saturationTable } from '@/core/fluids/saturationTable'
import { SIXTY_F_K } from '@/core/units/convert'
import { waterCapacityVolumeM3 } from './waterCapacity'

export interface Contents {
  netKg: number
  limitKg: number
  /** 1 at the limit. */
  fractionOfLimit: number
  /** As liquid at the temperature given; null for CO2 too warm to be liquid. */
  liquidVolumeM3: number | null
  /** Gross heat when burned; 0 for CO2. */
  energyJ: number
  /** Over by more than a hundredth of the limit. */
  overfilled: boolean
}

interface HeldGas {
  gas: Fluid
  netKg: number
  limitKg: number
  waterCapacityKg: number
  /** Of the liquid, for its volume. */
  temperatureK: number
}

/**
 * Over by no more than this share of the limit is full: a filler and a scale cannot hold it closer [common practice]. The fill itself
 * is stopped at the limit.
 */
const OVERFILL_TOLERANCE = 0.01

/**
 * Contents of a cylinder from the net mass.
 *
 * @param held - amount, limit and vessel
 * @throws InputError at `grossKg` for more than the cylinder could hold brim-full and icy cold
 */
export function contentsFromNet({ gas, netKg, limitKg, waterCapacityKg, temperatureK }: HeldGas): Contents {
  if (netKg > densestLiquidKgM3(gas) * waterCapacityVolumeM3(waterCapacityKg)) {
    throw new InputError(
      'grossKg',
      'That is more than the cylinder could hold even brim-full and icy cold. Check the unit, the tare (TW) and the water capacity (WC).',
    )
  }
  const hasLiquid = temperatureK < saturationTable(gas).critical.temperatureK
  return {
    netKg,
    limitKg,
    fractionOfLimit: netKg / limitKg,
    liquidVolumeM3: hasLiquid ? netKg / saturation(gas, temperatureK).liquidDensityKgM3 : null,
    energyJ: gas === 'propane' ? netKg * heatingValueJPerKg() : 0,
    overfilled: netKg > limitKg * (1 + OVERFILL_TOLERANCE),
  }
}

export const contentsSchema = z.strictObject({
  gas: fluidSchema,
  /** On the scale, everything counted. */
  grossKg: z.number(),
  tareKg: z.number(),
  waterCapacityKg: z.number(),
  /** Adapter, hose or plug on the scale; none by default. */
  hangingKg: z.number().default(0),
  /** Net weight printed on a one-pound bottle. */
  labelNetKg: z.number().positive().nullable().default(null),
  /** Of the liquid, for its volume; 60 °F by default. */
  temperatureK: z.number().default(SIXTY_F_K),
})

export type ContentsInput = z.input<typeof contentsSchema>

function requireMore(value: number, path: string, what: string): void {
  if (!(value > 0) || !Number.isFinite(value)) throw new InputError(path, `The ${what} must be more than zero.`)
}

/**
 * What is in a cylinder, by weight.
 *
 * @param input - see contentsSchema; masses in kg, temperature in K
 * @throws InputError with the field at fault: below the tare, more than fits, or a required value missing
 * @see 49 CFR 173.304a for the limits [from memory]
 * @example contents({ gas: 'propane', grossKg: 14.24, tareKg: 8.07, waterCapacityKg: 21.59 }).netKg // 6.17
 */
export function contents(input: ContentsInput): Contents {
  const { gas, grossKg, tareKg, waterCapacityKg, hangingKg = 0, labelNetKg = null, temperatureK = SIXTY_F_K } = input
  requireMore(grossKg, 'grossKg', 'weight on the scale')
  requireMore(tareKg, 'tareKg', 'tare (TW)')
  if (!(hangingKg >= 0)) throw new InputError('hangingKg', 'What else hangs on the scale cannot weigh less than zero.')
  requireTemperature(gas, temperatureK)

  const netKg = grossKg - hangingKg - tareKg
  // A reading equal to the tare must come out empty, not as a rounding error below it.
  if (netKg < -1e-9) {
    throw new InputError(
      'grossKg',
      'The scale shows less than the empty cylinder weighs. Check the scale’s zero, the unit, and that the tare is the TW stamp and not the WC.',
    )
  }
  const limitKg = fillLimitByWeightKg(gas, waterCapacityKg, labelNetKg)
  return contentsFromNet({ gas, netKg: Math.max(0, netKg), limitKg, waterCapacityKg, temperatureK })
}
