import { InputError } from '@/core/base/InputError'
import { waterCapacityVolumeM3 } from '@/core/cylinders/contents/waterCapacity'
import { cylinderState } from '@/core/fluids/cylinderState'
import { saturation } from '@/core/fluids/saturation'
import type { Figure, FigureInput } from '@/core/rules/figure'
import { decant, SQUEEZE_GAMMA, STEEL_J_KG_K, type DecantInput, type Decant } from './decant'

interface DecantUncertainty {
  lowKg: number
  highKg: number
}

/** Uncertainty of the inputs: both temperatures, the heat capacity of the wall, and the exponent. */
const UNCERTAINTY = { temperatureK: 2, wallShare: 0.2, gammas: [1.05, 1.2] } as const

/**
 * Range of the decanting estimate from the uncertainty of its inputs.
 *
 * A range of the model, not a bound: a cold bottle left connected fills further.
 *
 * @param input - as for decant
 * @throws InputError as decant does
 */
export function decantUncertainty(input: DecantInput): DecantUncertainty {
  const { wallHeatJKgK = STEEL_J_KG_K, gamma = SQUEEZE_GAMMA } = input
  const outcomes = [-1, 1].flatMap((side) =>
    [...UNCERTAINTY.gammas, gamma].map((perturbedGamma) => {
      return decant({
        ...input,
        gamma: perturbedGamma,
        wallHeatJKgK: wallHeatJKgK * (1 + side * UNCERTAINTY.wallShare),
        bottleTemperatureK: input.bottleTemperatureK + side * UNCERTAINTY.temperatureK,
        supplyTemperatureK: input.supplyTemperatureK - side * UNCERTAINTY.temperatureK,
      }).expectedNetKg
    }),
  )
  return { lowKg: Math.min(...outcomes), highKg: Math.max(...outcomes) }
}

/** The cylinder turned upside down. */
interface DecantSupply {
  netKg: number
  tareKg: number
  waterCapacityKg: number
  temperatureK: number
}

/** A bottle in the row, empty. */
interface DecantBottle {
  temperatureK: number
  tareKg: number
  waterCapacityKg: number
}

interface DecantedBottle {
  netKg: number
  fractionOfLimit: number
  supplyLeftKg: number
  supplyTemperatureK: number
  /** The supply ran out of liquid in this bottle. */
  ranOut: boolean
}

const MAX_BOTTLES = 24

/** Liquid propane, about room temperature; [from memory] of engineering tables. */
const LIQUID_J_KG_K = 2600

/**
 * Bottles filled one after another from one supply, which cools and empties.
 *
 * @param supply - contents, vessel and temperature
 * @param bottles - in the order of filling
 * @throws InputError as decant does, and for more than 24 bottles
 * @see docs/models.md, "Decanting"
 */
export function decantSequence(supply: DecantSupply, bottles: readonly DecantBottle[]): DecantedBottle[] {
  if (bottles.length > MAX_BOTTLES) throw new InputError('bottles', `At most ${MAX_BOTTLES} bottles in a row.`)
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
    const givenKg = Math.min(wanted.enteredKg, liquidKg)
    const bottleKg = wanted.expectedNetKg - wanted.enteredKg + givenKg
    // The room the liquid leaves is filled by boiling, which cools what stays behind.
    const boiledKg = (givenKg / liquidDensityKgM3) * vapourDensityKgM3
    const staysJK = Math.max(0, liquidKg - givenKg) * LIQUID_J_KG_K + supply.tareKg * STEEL_J_KG_K
    netKg -= givenKg
    temperatureK -= (boiledKg * latentHeatJPerKg) / staysJK
    return {
      netKg: bottleKg,
      fractionOfLimit: wanted.expectedNetKg > 0 ? (wanted.fractionOfLimit * bottleKg) / wanted.expectedNetKg : 0,
      supplyLeftKg: netKg,
      supplyTemperatureK: temperatureK,
      ranOut: liquidKg < wanted.enteredKg,
    }
  })
}

export interface DecantOutlook {
  expected: Decant
  band: DecantUncertainty
  /** Not chilled: the bottle as warm as the supply. */
  unchilled: Decant
  /** What letting its gas out first would do. */
  vented: Decant
  /** The supply is colder than the bottle: the estimate is not to be relied on. */
  isSupplyColder: boolean
  row: readonly DecantedBottle[]
  figure: Figure
  /** As shares of the limit. */
  unchilledShare: Figure
  ventedShare: Figure
  low: Figure
  high: Figure
}

interface OutlookInput {
  supply: DecantSupply
  bottle: { temperatureK: number; tareKg: number; waterCapacityKg: number; residualKg: number }
  /** Number of empty bottles of this kind, filled in sequence. */
  count: number
}

/**
 * Result of filling bottles from an inverted cylinder: the estimate and its range, chilled and not, what
 * venting would do, and how a sequence of bottles fills.
 *
 * @param input - supply, bottle and how many
 * @throws InputError as decant and decantSequence do
 */
export function decantOutlook({ supply, bottle, count }: OutlookInput): DecantOutlook {
  const input: DecantInput = {
    supplyTemperatureK: supply.temperatureK,
    bottleTemperatureK: bottle.temperatureK,
    bottleTareKg: bottle.tareKg,
    bottleWaterCapacityKg: bottle.waterCapacityKg,
    residualKg: bottle.residualKg,
  }
  const expected = decant(input)
  const band = decantUncertainty(input)
  const inputs: FigureInput[] = [
    { label: 'Supply', quantity: { value: supply.temperatureK, role: 'temperature' } },
    { label: 'Bottle', quantity: { value: bottle.temperatureK, role: 'temperature' } },
    { label: 'Empty bottle', quantity: { value: bottle.tareKg, role: 'bottleMass' } },
  ]
  const figure = (basis: 'decant' | 'decant-band', value: number): Figure => ({
    basis,
    quantity: { value, role: 'bottleMass' },
    inputs,
  })
  const share = ({ fractionOfLimit, wallTemperatureK }: Decant): Figure => ({
    basis: 'decant',
    quantity: { value: fractionOfLimit, role: 'share' },
    inputs: [
      ...inputs.slice(0, 1),
      { label: 'Wall cools to', quantity: { value: wallTemperatureK, role: 'temperature' } },
    ],
  })
  const unchilled = decant({ ...input, bottleTemperatureK: supply.temperatureK })
  const vented = decant({ ...input, ventedFirst: true })
  return {
    expected,
    band,
    unchilled,
    vented,
    unchilledShare: share(unchilled),
    ventedShare: share(vented),
    isSupplyColder: supply.temperatureK < bottle.temperatureK,
    row: decantSequence(
      supply,
      Array.from({ length: count }, () => bottle),
    ),
    figure: figure('decant', expected.expectedNetKg),
    low: figure('decant-band', band.lowKg),
    high: figure('decant-band', band.highKg),
  }
}
