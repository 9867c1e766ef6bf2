import { densestLiquidKgM3 } from '@/core/fluids/densestLiquidKgM3'
import { heatingValueJPerKg } from '@/core/fluids/heatingValueJPerKg'
import { saturation } from '@/core/fluids/saturation'
import { saturationTable } from '@/core/fluids/saturationTable'
import { InputError } from '@/core/base/InputError'
import type { Fluid } from '@/core/fluids/fluid'
import { waterCapacityVolumeM3 } from './waterCapacityVolumeM3'

export interface Contents {
  netKg: number
  limitKg: number
  /** 1 at the limit; more when overfilled. */
  fractionOfLimit: number
  /** As liquid at the temperature given; null for CO2 too warm to be liquid. */
  liquidVolumeM3: number | null
  /** Gross heat when burnt; 0 for CO2. */
  energyJ: number
  overfilled: boolean
}

export interface HeldGas {
  gas: Fluid
  netKg: number
  limitKg: number
  waterCapacityKg: number
  /** Of the liquid, for its volume. */
  temperatureK: number
}

/** Over by no more than this share is a stamp's rounding: 20.0 lb in a 47.6 lb water capacity is 0.04 % over. */
const ROUNDING = 0.001

/**
 * What an amount of gas in a cylinder comes to.
 *
 * @param held - amount, limit and vessel
 * @throws InputError at `grossKg` for more than the cylinder could hold brim-full and icy cold
 */
export function contentsOfNet({ gas, netKg, limitKg, waterCapacityKg, temperatureK }: HeldGas): Contents {
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
    overfilled: netKg > limitKg * (1 + ROUNDING),
  }
}
