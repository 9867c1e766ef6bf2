import {
  emptySaturationRow,
  interpolateSaturation,
  readSaturationRow,
  SATURATION_COLUMN,
  type SaturationRow,
  TABLE_FROM_K,
} from './propaneSaturationTable'
import { type VesselBody, wettedAreaM2 } from './vessel'

/** Thermal state of a cylinder, with the energy and mass exchanged so far. */
export interface CylinderThermalState {
  body: VesselBody
  massKg: number
  temperatureK: number
  /** Heat that flowed in through the wall. */
  heatInJ: number
  /** Energy that left with the gas, on the scale of the internal energy. */
  gasOutJ: number
  drawnKg: number
  /** Change of temperature in the last step: the next is likely about the same. */
  trendK: number
  /** Slope of the outflow over the temperature at which a step ends; NaN before the first. */
  slopeKgPerK: number
}

/** Heat capacity of steel. [common practice] */
export const WALL_J_KG_K = 480

/**
 * A cylinder at rest at air temperature.
 *
 * @param body - of the vessel
 * @param massKg - in it
 * @param temperatureK - of the air
 */
export function cylinderAtRest(body: VesselBody, massKg: number, temperatureK: number): CylinderThermalState {
  return { body, massKg, temperatureK, heatInJ: 0, gasOutJ: 0, drawnKg: 0, trendK: 0, slopeKgPerK: NaN }
}

/** Read at the temperature asked about; one object, so that a step allocates nothing. */
const row = emptySaturationRow()

/** Specific gas constant of propane: 8.31451 J/(mol·K) over 44.0956 g/mol. */
const SPECIFIC_R = 188.556

/** Compressibility factor of saturated vapor. */
function compressibilityFactor(temperatureK: number): number {
  return (
    interpolateSaturation(SATURATION_COLUMN.pressurePa, temperatureK) /
    (interpolateSaturation(SATURATION_COLUMN.vaporKgM3, temperatureK) * SPECIFIC_R * temperatureK)
  )
}

/** Mass of saturated vapor that fills the vessel. */
export function saturatedVaporMassKg({ volumeM3 }: VesselBody, temperatureK: number): number {
  return volumeM3 * interpolateSaturation(SATURATION_COLUMN.vaporKgM3, temperatureK)
}

/** Whether no liquid is left. */
export function isVaporOnly({ body, massKg, temperatureK }: CylinderThermalState): boolean {
  return massKg <= saturatedVaporMassKg(body, temperatureK) * (1 + 1e-9)
}

/** Liquid share of the volume, 0 to 1. */
export function liquidFraction({
  body,
  massKg,
  temperatureK,
}: Pick<CylinderThermalState, 'body' | 'massKg' | 'temperatureK'>): number {
  readSaturationRow(temperatureK, row)
  return liquidFractionAt(row, body, massKg)
}

/** The same with the saturation properties at its temperature. */
export function liquidFractionAt(
  { levelSlopeM3PerKg, levelOffset }: Pick<SaturationRow, 'levelSlopeM3PerKg' | 'levelOffset'>,
  body: VesselBody,
  massKg: number,
): number {
  return Math.min(1, Math.max(0, (levelSlopeM3PerKg * massKg) / body.volumeM3 - levelOffset))
}

/**
 * Absolute pressure: saturation pressure with liquid; without liquid from the first term of a virial series, from the
 * ideal gas up to saturation.
 */
export function cylinderPressurePa({ body, massKg, temperatureK }: CylinderThermalState): number {
  const share = massKg / saturatedVaporMassKg(body, temperatureK)
  if (share >= 1) return interpolateSaturation(SATURATION_COLUMN.pressurePa, temperatureK)
  const z = compressibilityFactor(temperatureK)
  return (interpolateSaturation(SATURATION_COLUMN.pressurePa, temperatureK) * share * (1 - (1 - z) * share)) / z
}

/** Gas left when the pressure falls to the need, by the inverse of the same series. */
export function unusableMassKg({ body, temperatureK }: CylinderThermalState, needPa: number): number {
  const wanted = Math.min(1, needPa / interpolateSaturation(SATURATION_COLUMN.pressurePa, temperatureK))
  const z = compressibilityFactor(temperatureK)
  const share = (1 - Math.sqrt(Math.max(0, 1 - 4 * (1 - z) * z * wanted))) / (2 * (1 - z))
  return saturatedVaporMassKg(body, temperatureK) * Math.min(1, share)
}

/** Energy of the wall, relative to the first temperature of the table. */
export function wallEnergyJ({ wallKg }: VesselBody, temperatureK: number): number {
  return wallKg * WALL_J_KG_K * (temperatureK - TABLE_FROM_K)
}

/** Internal energy of contents and wall. */
export function internalEnergyJ(thermal: CylinderThermalState): number {
  readSaturationRow(thermal.temperatureK, row)
  return internalEnergyAtJ(row, thermal)
}

/** The same with the saturation properties at its temperature. */
export function internalEnergyAtJ(
  { slopeJPerKg, volumeTermJPerM3, vaporKgM3 }: Pick<SaturationRow, 'slopeJPerKg' | 'volumeTermJPerM3' | 'vaporKgM3'>,
  { body, massKg, temperatureK }: CylinderThermalState,
): number {
  const roomJ = volumeTermJPerM3 * body.volumeM3
  const thinnestKg = body.volumeM3 * vaporKgM3
  const contentsJ =
    massKg >= thinnestKg ? massKg * slopeJPerKg + roomJ : (massKg / thinnestKg) * (thinnestKg * slopeJPerKg + roomJ)
  return contentsJ + wallEnergyJ(body, temperatureK)
}

/** Conductance of the wetted wall, W/K, for a mass of gas. */
export function wallConductanceWPerK(
  { body, temperatureK }: CylinderThermalState,
  heatTransferCoefficientWPerM2K: number,
  massKg: number,
): number {
  return heatTransferCoefficientWPerM2K * wettedAreaM2(body, liquidFraction({ body, massKg, temperatureK }))
}
