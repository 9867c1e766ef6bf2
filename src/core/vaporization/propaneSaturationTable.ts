import { STATED_RANGE_K } from '@/core/fluids/fluidData'
import { saturation } from '@/core/fluids/saturation'

/** Columns of the table, one row for each temperature. */
export const BOIL = {
  pressurePa: 0,
  /** Mass that fills a cubic metre as vapour. */
  vapourKgM3: 1,
  /** Energy of the contents is `slope`·mass + `room`·volume while both phases are there. */
  slopeJKg: 2,
  roomJM3: 3,
  /** Enthalpy of a kg of vapour, which it takes along. */
  vapourJKg: 4,
  /** Liquid’s share of the volume is `level`·mass/volume − `lift`. */
  levelM3Kg: 5,
  lift: 6,
} as const

type BoilColumn = (typeof BOIL)[keyof typeof BOIL]

const BOIL_WIDTH = 7

export const BOIL_FROM_K = STATED_RANGE_K.from

const BOIL_STEP_K = 0.25

/** Hotter than this no cylinder is used. */
const TO_K = 343.15

const BOIL_ROWS = Math.floor((TO_K - BOIL_FROM_K) / BOIL_STEP_K) + 1

/** Saturated liquid propane: 2.25 kJ/(kg·K) at −43 °C, 2.49 at 0 °C. [from memory: NIST tables] */
const HEAT_AT_K = 230

const HEAT_J_KG_K = 2246

const HEAT_RISE_J_KG_K2 = 5.7

/** Inner energy of a kg of liquid from the table’s first temperature. */
function liquidJKg(temperatureK: number): number {
  const [warm, start] = [temperatureK - HEAT_AT_K, BOIL_FROM_K - HEAT_AT_K]
  return HEAT_J_KG_K * (warm - start) + (HEAT_RISE_J_KG_K2 / 2) * (warm * warm - start * start)
}

function build(): Float64Array {
  const table = new Float64Array(BOIL_ROWS * BOIL_WIDTH)
  for (let row = 0; row < BOIL_ROWS; row += 1) {
    const temperatureK = BOIL_FROM_K + row * BOIL_STEP_K
    const seam = saturation('propane', temperatureK)
    const [vapourM3Kg, liquidM3Kg] = [1 / seam.vapourDensityKgM3, 1 / seam.liquidDensityKgM3]
    const widens = vapourM3Kg - liquidM3Kg
    const liquid = liquidJKg(temperatureK)
    const innerJKg = seam.latentHeatJPerKg - seam.pressurePa * widens
    const values = [
      seam.pressurePa,
      seam.vapourDensityKgM3,
      liquid - (innerJKg * liquidM3Kg) / widens,
      innerJKg / widens,
      liquid + seam.pressurePa * liquidM3Kg + seam.latentHeatJPerKg,
      (vapourM3Kg * liquidM3Kg) / widens,
      liquidM3Kg / widens,
    ]
    table.set(values, row * BOIL_WIDTH)
  }
  return table
}

let table: Float64Array | null = null

/** Propane as it boils, solved once at even temperatures: a trip asks for it a million times. */
function boilTable(): Float64Array {
  table ??= build()
  return table
}

/**
 * One property of propane as it boils, straight between the table’s rows.
 *
 * @param column - which
 * @param temperatureK - of liquid and vapour; outside the table its nearest end
 */
export function boilAt(column: BoilColumn, temperatureK: number): number {
  const table = boilTable()
  const place = Math.min(BOIL_ROWS - 1, Math.max(0, (temperatureK - BOIL_FROM_K) / BOIL_STEP_K))
  const row = Math.min(BOIL_ROWS - 2, Math.floor(place))
  const at = row * BOIL_WIDTH + column
  const low = table[at] ?? 0
  return low + ((table[at + BOIL_WIDTH] ?? 0) - low) * (place - row)
}

/** Halvings of the table’s range: to a billionth of a kelvin. */
const HALVINGS = 38

/**
 * Temperature at which propane boils under a pressure.
 *
 * @param pressurePa - absolute
 * @returns K; the nearest end of the table outside it
 */
export function boilingTemperatureK(pressurePa: number): number {
  let low: number = BOIL_FROM_K
  let high = BOIL_FROM_K + (BOIL_ROWS - 1) * BOIL_STEP_K
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (low + high) / 2
    if (boilAt(BOIL.pressurePa, middle) < pressurePa) low = middle
    else high = middle
  }
  return (low + high) / 2
}
