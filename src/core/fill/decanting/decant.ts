import { bisect } from '@/core/math/findRoot'
import { waterCapacityVolumeM3 } from '@/core/cylinders/contents/waterCapacity'
import { z } from '@/core/base/zod'
import { SEA_LEVEL_PA } from '@/core/fluids/atmosphere'
import { cylinderState } from '@/core/fluids/cylinderState'
import { gasDensityKgM3 } from '@/core/fluids/onePhase'
import { saturation } from '@/core/fluids/saturation'
import { propaneFillLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { InputError } from '@/core/base/InputError'

/** Steel, about room temperature; [from memory] of engineering tables. */
export const STEEL_J_KG_K = 480
/** Vapor squeezed by the incoming liquid without time to condense: between isothermal (1) and adiabatic. */
export const SQUEEZE_GAMMA = 1.13
/** Boiling point of propane at 1 atm; a vented bottle with liquid cools to it. [from memory] */
const BOILING_K = 231.04
const COLDEST_K = 190
const HOTTEST_K = 340

export const decantSchema = z.strictObject({
  supplyTemperatureK: z.number(),
  bottleTemperatureK: z.number(),
  bottleTareKg: z.number(),
  bottleWaterCapacityKg: z.number(),
  /** Propane still in the bottle. */
  residualKg: z.number().default(0),
  /** Its gas was let out into the open before. */
  ventedFirst: z.boolean().default(false),
  /** Pumped empty before: else a bottle without residue holds vapor at the pressure of the air. */
  evacuated: z.boolean().default(false),
  wallHeatJKgK: z.number().default(STEEL_J_KG_K),
  gamma: z.number().default(SQUEEZE_GAMMA),
})

export type DecantInput = z.input<typeof decantSchema>

export interface Decant {
  /** What is in the bottle when the hiss stops. An estimate, never a bound: the scale decides. */
  expectedNetKg: number
  /** Part of it that comes from the supply; the rest was in the bottle. */
  enteredKg: number
  fractionOfLimit: number
  /** To which the first liquid, flashing, cools the wall. */
  wallTemperatureK: number
  /** The bottle is colder than the supply, was vented, or ends above its limit: it can fill past the limit. */
  overfillPossible: boolean
}

function requireRange(value: number, path: string, what: string): void {
  if (!(value >= COLDEST_K && value <= HOTTEST_K)) {
    throw new InputError(path, `The ${what} must lie between −83 and 66 °C (−118 and 152 °F).`)
  }
}

interface Space {
  /** Space that the vapor fills. */
  gasM3: number
  liquidKg: number
  vaporKg: number
}

function before(residualKg: number, volumeM3: number, temperatureK: number): Space {
  if (residualKg === 0) return { gasM3: volumeM3, liquidKg: 0, vaporKg: 0 }
  const share = cylinderState('propane', residualKg, volumeM3, temperatureK).liquidVolumeFraction ?? 0
  const liquidKg = share * volumeM3 * saturation('propane', temperatureK).liquidDensityKgM3
  const isLiquid = share > 0
  return {
    gasM3: (1 - share) * volumeM3,
    liquidKg: isLiquid ? liquidKg : 0,
    vaporKg: isLiquid ? residualKg - liquidKg : residualKg,
  }
}

/** Vapor in a bottle that is open to the air; colder than its boiling point it is saturated, and air takes the rest. */
function vaporOfAirKgM3(temperatureK: number): number {
  const { pressurePa, vapourDensityKgM3 } = saturation('propane', temperatureK)
  return pressurePa <= SEA_LEVEL_PA ? vapourDensityKgM3 : gasDensityKgM3('propane', temperatureK, SEA_LEVEL_PA)
}

/** Temperature to which a bottle chills itself when its gas is let out: only liquid that boils takes heat from the wall. */
function ventedK(fromK: number, residualKg: number, volumeM3: number, wallJK: number): number {
  const { liquidKg } = before(residualKg, volumeM3, fromK)
  const chilledK = fromK - (liquidKg * saturation('propane', fromK).latentHeatJPerKg) / wallJK
  return Math.min(fromK, Math.max(BOILING_K, chilledK))
}

/** Temperature at which the wall has given up the heat that boils the vapor filling the bottle. */
function flashedK(fromK: number, space: Space, wallJK: number): number {
  const surplusJ = (temperatureK: number): number => {
    const { vapourDensityKgM3, latentHeatJPerKg } = saturation('propane', temperatureK)
    const boiledKg = Math.max(0, vapourDensityKgM3 * space.gasM3 - space.vaporKg)
    return wallJK * (fromK - temperatureK) - boiledKg * latentHeatJPerKg
  }
  if (surplusJ(fromK) >= 0) return fromK
  return bisect((atK) => surplusJ(atK) <= 0, COLDEST_K - 20, fromK, { halvings: 60 }).middle
}

/**
 * Mass in a bottle when the flow stops, filled with liquid from an inverted cylinder.
 *
 * The wall flashes the first liquid and cools until its vapor fills the bottle; that vapor is squeezed, p·V^γ
 * constant, to the supply's pressure; the volume left is liquid at the supply's temperature. The colder the supply
 * against the bottle, the less enters, until its pressure is that of the vapor in the bottle.
 *
 * @param input - see decantSchema; masses in kg, temperatures in K
 * @throws InputError with the field at fault
 * @see docs/models.md, "Decanting"
 */
export function decant(input: DecantInput): Decant {
  const { supplyTemperatureK, bottleTemperatureK, bottleTareKg, bottleWaterCapacityKg } = input
  const {
    residualKg = 0,
    ventedFirst = false,
    evacuated = false,
    wallHeatJKgK = STEEL_J_KG_K,
    gamma = SQUEEZE_GAMMA,
  } = input
  requireRange(supplyTemperatureK, 'supplyTemperatureK', 'supply’s temperature')
  requireRange(bottleTemperatureK, 'bottleTemperatureK', 'bottle’s temperature')
  if (!(bottleTareKg > 0)) throw new InputError('bottleTareKg', 'The empty bottle must weigh more than zero.')
  if (!(wallHeatJKgK > 0)) throw new InputError('wallHeatJKgK', 'The wall’s heat must be more than zero.')
  if (!(gamma >= 1 && gamma <= 1.7)) throw new InputError('gamma', 'The exponent lies between 1 and 1.7.')
  if (!(residualKg >= 0)) throw new InputError('residualKg', 'What is left in the bottle cannot be less than zero.')
  const limitKg = propaneFillLimitKg(bottleWaterCapacityKg)
  const volumeM3 = waterCapacityVolumeM3(bottleWaterCapacityKg)
  if (residualKg > limitKg * 1.2) {
    throw new InputError('residualKg', 'That is more than the bottle may hold. Check the unit.')
  }

  const wallJK = bottleTareKg * wallHeatJKgK
  const startK = ventedFirst ? ventedK(bottleTemperatureK, residualKg, volumeM3, wallJK) : bottleTemperatureK
  // Open to the air, a bottle is never empty of gas; on a wall that venting chilled it condenses.
  const chilledShare = (bottleTemperatureK - startK) / Math.max(1, bottleTemperatureK - BOILING_K)
  const airKg = evacuated ? 0 : vaporOfAirKgM3(startK) * volumeM3 * (1 - chilledShare)
  const startKg = ventedFirst ? airKg : Math.max(residualKg, airKg)
  const outcome = (expectedNetKg: number, wallTemperatureK: number): Decant => ({
    expectedNetKg,
    enteredKg: Math.max(0, expectedNetKg - startKg),
    fractionOfLimit: expectedNetKg / limitKg,
    wallTemperatureK,
    overfillPossible: ventedFirst || bottleTemperatureK < supplyTemperatureK || expectedNetKg > limitKg,
  })
  const space = before(startKg, volumeM3, startK)
  const wallTemperatureK = flashedK(startK, space, wallJK)
  const cold = saturation('propane', wallTemperatureK)
  const supply = saturation('propane', supplyTemperatureK)
  const vaporKgM3 = Math.min(cold.vapourDensityKgM3, supply.vapourDensityKgM3)
  const vaporKg = Math.max(space.vaporKg, vaporKgM3 * space.gasM3)
  // A supply that presses less than the vapor in the bottle squeezes nothing.
  const squeezedM3 = space.gasM3 * Math.min(1, (cold.pressurePa / supply.pressurePa) ** (1 / gamma))
  const enteredKg = (space.gasM3 - squeezedM3) * supply.liquidDensityKgM3
  return outcome(space.liquidKg + vaporKg + enteredKg, wallTemperatureK)
}
