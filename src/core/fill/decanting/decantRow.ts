import { waterCapacityVolumeM3 } from '@/core/cylinders/contents/waterCapacityVolumeM3'
import { InputError } from '@/core/base/InputError'
import { cylinderState } from '@/core/fluids/cylinderState'
import { saturation } from '@/core/fluids/saturation'
import { decant, STEEL_J_KG_K } from './decant'

/** The cylinder turned upside down. */
export interface DecantSupply {
  netKg: number
  tareKg: number
  waterCapacityKg: number
  temperatureK: number
}

/** A bottle in the row, empty. */
export interface DecantBottle {
  temperatureK: number
  tareKg: number
  waterCapacityKg: number
}

export interface DecantedBottle {
  netKg: number
  fractionOfLimit: number
  supplyLeftKg: number
  supplyTemperatureK: number
  /** The supply ran out of liquid in this bottle. */
  ranOut: boolean
}

const MOST_BOTTLES = 24
/** Liquid propane, about room temperature; [from memory] of engineering tables. */
const LIQUID_J_KG_K = 2600

/**
 * Several bottles filled one after the other from one supply, which cools and empties as it gives.
 *
 * @param supply - contents, vessel and temperature
 * @param bottles - in the order of filling
 * @throws InputError as decant does, and for more than 24 bottles
 * @see docs/models.md, "Decanting"
 */
export function decantRow(supply: DecantSupply, bottles: readonly DecantBottle[]): DecantedBottle[] {
  if (bottles.length > MOST_BOTTLES) throw new InputError('bottles', `At most ${MOST_BOTTLES} bottles in a row.`)
  const volumeM3 = waterCapacityVolumeM3(supply.waterCapacityKg)
  let { netKg, temperatureK } = supply
  return bottles.map((bottle) => {
    const wanted = decant({
      supplyTemperatureK: temperatureK,
      bottleTemperatureK: bottle.temperatureK,
      bottleTareKg: bottle.tareKg,
      bottleWaterCapacityKg: bottle.waterCapacityKg,
    })
    const state = netKg > 0 ? cylinderState('propane', netKg, volumeM3, temperatureK) : null
    const { liquidDensityKgM3, vapourDensityKgM3, latentHeatJPerKg } = saturation('propane', temperatureK)
    const liquidKg = (state?.liquidVolumeFraction ?? 0) * volumeM3 * liquidDensityKgM3
    const givenKg = Math.min(wanted.expectedNetKg, liquidKg)
    // The room the liquid leaves is filled by boiling, which cools what stays behind.
    const boiledKg = (givenKg / liquidDensityKgM3) * vapourDensityKgM3
    const staysJK = Math.max(0, liquidKg - givenKg) * LIQUID_J_KG_K + supply.tareKg * STEEL_J_KG_K
    netKg -= givenKg
    temperatureK -= (boiledKg * latentHeatJPerKg) / staysJK
    return {
      netKg: givenKg,
      fractionOfLimit: wanted.expectedNetKg > 0 ? (wanted.fractionOfLimit * givenKg) / wanted.expectedNetKg : 0,
      supplyLeftKg: netKg,
      supplyTemperatureK: temperatureK,
      ranOut: liquidKg < wanted.expectedNetKg,
    }
  })
}
