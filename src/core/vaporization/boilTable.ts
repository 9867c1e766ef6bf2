import { saturation } from '@/core/fluids/saturation'
import { STATED_RANGE_K } from '@/core/fluids/propertyData'

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

export type BoilColumn = (typeof BOIL)[keyof typeof BOIL]

export const BOIL_WIDTH = 7
export const BOIL_FROM_K = STATED_RANGE_K.from
export const BOIL_STEP_K = 0.25
/** Hotter than this no cylinder is used. */
const TO_K = 343.15
export const BOIL_ROWS = Math.floor((TO_K - BOIL_FROM_K) / BOIL_STEP_K) + 1

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
export function boilTable(): Float64Array {
  table ??= build()
  return table
}
