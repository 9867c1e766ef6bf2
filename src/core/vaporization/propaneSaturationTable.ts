import { bisect } from '@/core/math/findRoot'
import { STATED_RANGE_K } from '@/core/fluids/fluidData'
import { saturation } from '@/core/fluids/saturation'

/** Columns of the table, with one row per temperature. */
export const SATURATION_COLUMN = {
  pressurePa: 0,
  /** Density of saturated vapor. */
  vaporKgM3: 1,
  /** With both phases, the internal energy is `slopeJPerKg`·mass + `volumeTermJPerM3`·volume. */
  slopeJPerKg: 2,
  volumeTermJPerM3: 3,
  /** Enthalpy of saturated vapor, which leaves with the gas. */
  vaporEnthalpyJPerKg: 4,
  /** The liquid share of the volume is `levelSlopeM3PerKg`·mass/volume − `levelOffset`. */
  levelSlopeM3PerKg: 5,
  levelOffset: 6,
} as const

type SaturationColumn = (typeof SATURATION_COLUMN)[keyof typeof SATURATION_COLUMN]

const COLUMN_COUNT = 7

export const TABLE_FROM_K = STATED_RANGE_K.from

const TABLE_STEP_K = 0.25

/** Highest temperature of the table. */
const TO_K = 343.15

const TABLE_ROWS = Math.floor((TO_K - TABLE_FROM_K) / TABLE_STEP_K) + 1

/** Saturated liquid propane: 2.25 kJ/(kg·K) at −43 °C, 2.49 at 0 °C. [from memory: NIST tables] */
const HEAT_AT_K = 230

const HEAT_J_KG_K = 2246

const HEAT_RISE_J_KG_K2 = 5.7

/** Internal energy of the liquid, relative to the first temperature of the table. */
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

/** Saturation properties of propane at even temperatures, solved once: a trip reads them a million times. */
function propaneSaturationTable(): Float64Array {
  table ??= build()
  return table
}

/** Where a temperature lies in the table, in rows; clamped to it. */
function placeOf(temperatureK: number): number {
  return Math.min(TABLE_ROWS - 1, Math.max(0, (temperatureK - TABLE_FROM_K) / TABLE_STEP_K))
}

/** The row at or below a place that has a next one. */
function rowBelow(place: number): number {
  return Math.min(TABLE_ROWS - 2, Math.floor(place))
}

/** A value and the same column of the next row, at a share of the way. */
function between(rows: Float64Array, at: number, share: number): number {
  const low = rows[at] ?? 0
  return low + ((rows[at + COLUMN_COUNT] ?? 0) - low) * share
}

/**
 * One saturation property of propane, linear between the rows of the table.
 *
 * @param column - which
 * @param temperatureK - of liquid and vapor; clamped to the table
 */
export function interpolateSaturation(column: SaturationColumn, temperatureK: number): number {
  const table = propaneSaturationTable()
  const place = placeOf(temperatureK)
  const row = rowBelow(place)
  return between(table, row * COLUMN_COUNT + column, place - row)
}

/** The columns at one temperature. */
export type SaturationRow = Record<keyof typeof SATURATION_COLUMN, number>

/** A row to read into. */
export function emptySaturationRow(): SaturationRow {
  return {
    pressurePa: 0,
    vaporKgM3: 0,
    slopeJPerKg: 0,
    volumeTermJPerM3: 0,
    vaporEnthalpyJPerKg: 0,
    levelSlopeM3PerKg: 0,
    levelOffset: 0,
  }
}

/** What the end of a step reads: the energy of contents with both phases, and the vapor’s enthalpy. */
export type BoilingTerms = Pick<SaturationRow, 'slopeJPerKg' | 'volumeTermJPerM3' | 'vaporEnthalpyJPerKg'>

function readTermsAt(rows: Float64Array, at: number, share: number, into: BoilingTerms): void {
  into.slopeJPerKg = between(rows, at + SATURATION_COLUMN.slopeJPerKg, share)
  into.volumeTermJPerM3 = between(rows, at + SATURATION_COLUMN.volumeTermJPerM3, share)
  into.vaporEnthalpyJPerKg = between(rows, at + SATURATION_COLUMN.vaporEnthalpyJPerKg, share)
}

/**
 * All columns at once: the same as interpolateSaturation gives for each, with one search of the row.
 *
 * @param temperatureK - of liquid and vapor; clamped to the table
 * @param into - written in place, so that a step allocates nothing
 */
export function readSaturationRow(temperatureK: number, into: SaturationRow): void {
  const rows = propaneSaturationTable()
  const place = placeOf(temperatureK)
  const row = rowBelow(place)
  const share = place - row
  const at = row * COLUMN_COUNT
  into.pressurePa = between(rows, at + SATURATION_COLUMN.pressurePa, share)
  into.vaporKgM3 = between(rows, at + SATURATION_COLUMN.vaporKgM3, share)
  readTermsAt(rows, at, share, into)
  into.levelSlopeM3PerKg = between(rows, at + SATURATION_COLUMN.levelSlopeM3PerKg, share)
  into.levelOffset = between(rows, at + SATURATION_COLUMN.levelOffset, share)
}

/** As readSaturationRow, for the three columns of the energy balance alone. */
export function readBoilingTerms(temperatureK: number, into: BoilingTerms): void {
  const rows = propaneSaturationTable()
  const place = placeOf(temperatureK)
  const row = rowBelow(place)
  readTermsAt(rows, row * COLUMN_COUNT, place - row, into)
}

/** Halvings of the range of the table, to 1e-9 K. */
const HALVINGS = 38

/**
 * Saturation temperature of propane at a pressure.
 *
 * @param pressurePa - absolute
 * @returns K; the nearest end of the table outside it
 */
export function boilingTemperatureK(pressurePa: number): number {
  const boils = (atK: number): boolean => interpolateSaturation(SATURATION_COLUMN.pressurePa, atK) >= pressurePa
  const lastK = TABLE_FROM_K + (TABLE_ROWS - 1) * TABLE_STEP_K
  return bisect(boils, TABLE_FROM_K, lastK, { halvings: HALVINGS }).middle
}
