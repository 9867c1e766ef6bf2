import { bisect } from '@/core/math/findRoot'
import { STATED_RANGE_K } from '@/core/fluids/fluidData'
import { saturation } from '@/core/fluids/saturation'

/** Columns of the table, one row for each temperature. */
export const SATURATION_COLUMN = {
  pressurePa: 0,
  /** Mass that fills a cubic meter as vapor. */
  vaporKgM3: 1,
  /** Energy of the contents is `slope`·mass + `room`·volume while both phases are there. */
  slopeJPerKg: 2,
  volumeTermJPerM3: 3,
  /** Enthalpy of a kg of vapor, which it takes along. */
  vaporEnthalpyJPerKg: 4,
  /** Liquid’s share of the volume is `level`·mass/volume − `lift`. */
  levelSlopeM3PerKg: 5,
  levelOffset: 6,
} as const

type SaturationColumn = (typeof SATURATION_COLUMN)[keyof typeof SATURATION_COLUMN]

const COLUMN_COUNT = 7

export const TABLE_FROM_K = STATED_RANGE_K.from

const TABLE_STEP_K = 0.25

/** Hotter than this no cylinder is used. */
const TO_K = 343.15

const TABLE_ROWS = Math.floor((TO_K - TABLE_FROM_K) / TABLE_STEP_K) + 1

/** Saturated liquid propane: 2.25 kJ/(kg·K) at −43 °C, 2.49 at 0 °C. [from memory: NIST tables] */
const HEAT_AT_K = 230

const HEAT_J_KG_K = 2246

const HEAT_RISE_J_KG_K2 = 5.7

/** Inner energy of a kg of liquid from the table’s first temperature. */
function liquidEnergyJPerKg(temperatureK: number): number {
  const [warm, start] = [temperatureK - HEAT_AT_K, TABLE_FROM_K - HEAT_AT_K]
  return HEAT_J_KG_K * (warm - start) + (HEAT_RISE_J_KG_K2 / 2) * (warm * warm - start * start)
}

function build(): Float64Array {
  const table = new Float64Array(TABLE_ROWS * COLUMN_COUNT)
  for (let row = 0; row < TABLE_ROWS; row += 1) {
    const temperatureK = TABLE_FROM_K + row * TABLE_STEP_K
    const phaseBoundary = saturation('propane', temperatureK)
    const [vaporM3Kg, liquidM3Kg] = [1 / phaseBoundary.vapourDensityKgM3, 1 / phaseBoundary.liquidDensityKgM3]
    const widens = vaporM3Kg - liquidM3Kg
    const liquid = liquidEnergyJPerKg(temperatureK)
    const innerJKg = phaseBoundary.latentHeatJPerKg - phaseBoundary.pressurePa * widens
    const values = [
      phaseBoundary.pressurePa,
      phaseBoundary.vapourDensityKgM3,
      liquid - (innerJKg * liquidM3Kg) / widens,
      innerJKg / widens,
      liquid + phaseBoundary.pressurePa * liquidM3Kg + phaseBoundary.latentHeatJPerKg,
      (vaporM3Kg * liquidM3Kg) / widens,
      liquidM3Kg / widens,
    ]
    table.set(values, row * COLUMN_COUNT)
  }
  return table
}

let table: Float64Array | null = null

/** Propane as it boils, solved once at even temperatures: a trip asks for it a million times. */
function propaneSaturationTable(): Float64Array {
  table ??= build()
  return table
}

/**
 * One property of propane as it boils, straight between the table’s rows.
 *
 * @param column - which
 * @param temperatureK - of liquid and vapor; outside the table its nearest end
 */
export function interpolateSaturation(column: SaturationColumn, temperatureK: number): number {
  const table = propaneSaturationTable()
  const place = Math.min(TABLE_ROWS - 1, Math.max(0, (temperatureK - TABLE_FROM_K) / TABLE_STEP_K))
  const row = Math.min(TABLE_ROWS - 2, Math.floor(place))
  const at = row * COLUMN_COUNT + column
  const low = table[at] ?? 0
  return low + ((table[at + COLUMN_COUNT] ?? 0) - low) * (place - row)
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
  const boils = (atK: number): boolean => interpolateSaturation(SATURATION_COLUMN.pressurePa, atK) >= pressurePa
  const lastK = TABLE_FROM_K + (TABLE_ROWS - 1) * TABLE_STEP_K
  return bisect(boils, TABLE_FROM_K, lastK, { halvings: HALVINGS }).middle
}
