import { interpolateSaturation, SATURATION_COLUMN, TABLE_FROM_K } from './propaneSaturationTable'
import { type VesselBody, wettedAreaM2 } from './vessel'

/** A cylinder at one moment, with what went in and out of it so far. */
export interface CylinderThermalState {
  body: VesselBody
  massKg: number
  temperatureK: number
  /** Heat that came through the wall. */
  heatInJ: number
  /** Energy that left with the gas, in the measure of its inner energy. */
  gasOutJ: number
  drawnKg: number
}

/** What steel takes up. [common practice] */
export const WALL_J_KG_K = 480

/**
 * A cylinder at rest, as warm as the air.
 *
 * @param body - of the vessel
 * @param massKg - in it
 * @param temperatureK - of the air
 */
export function cylinderAtRest(body: VesselBody, massKg: number, temperatureK: number): CylinderThermalState {
  return { body, massKg, temperatureK, heatInJ: 0, gasOutJ: 0, drawnKg: 0 }
}

/** Of propane: 8.31451 J/(mol·K) over 44.0956 g/mol. */
const SPECIFIC_R = 188.556

/** How far the vapor at the point of boiling is from an ideal gas. */
function compressibilityFactor(temperatureK: number): number {
  return (
    interpolateSaturation(SATURATION_COLUMN.pressurePa, temperatureK) /
    (interpolateSaturation(SATURATION_COLUMN.vaporKgM3, temperatureK) * SPECIFIC_R * temperatureK)
  )
}

/** Mass that fills a vessel as vapor alone, boiling pressure just reached. */
export function saturatedVaporMassKg({ volumeM3 }: VesselBody, temperatureK: number): number {
  return volumeM3 * interpolateSaturation(SATURATION_COLUMN.vaporKgM3, temperatureK)
}

/** Whether no liquid is left. */
export function isVaporOnly({ body, massKg, temperatureK }: CylinderThermalState): boolean {
  return massKg <= saturatedVaporMassKg(body, temperatureK) * (1 + 1e-9)
}

/** Liquid of the inside, 0 to 1. */
export function liquidFraction({
  body,
  massKg,
  temperatureK,
}: Pick<CylinderThermalState, 'body' | 'massKg' | 'temperatureK'>): number {
  const share =
    (interpolateSaturation(SATURATION_COLUMN.levelSlopeM3PerKg, temperatureK) * massKg) / body.volumeM3 -
    interpolateSaturation(SATURATION_COLUMN.levelOffset, temperatureK)
  return Math.min(1, Math.max(0, share))
}

/**
 * Absolute pressure: of boiling while there is liquid; of gas alone when there is none, from the ideal gas when it is
 * thin to the point of boiling by the first term of a virial series.
 */
export function cylinderPressurePa({ body, massKg, temperatureK }: CylinderThermalState): number {
  const share = Math.min(1, massKg / saturatedVaporMassKg(body, temperatureK))
  const z = compressibilityFactor(temperatureK)
  return (interpolateSaturation(SATURATION_COLUMN.pressurePa, temperatureK) * share * (1 - (1 - z) * share)) / z
}

/** Gas too thin to press as wanted: it stays in the cylinder. The same series, turned about. */
export function unusableMassKg({ body, temperatureK }: CylinderThermalState, needPa: number): number {
  const wanted = Math.min(1, needPa / interpolateSaturation(SATURATION_COLUMN.pressurePa, temperatureK))
  const z = compressibilityFactor(temperatureK)
  const share = (1 - Math.sqrt(Math.max(0, 1 - 4 * (1 - z) * z * wanted))) / (2 * (1 - z))
  return saturatedVaporMassKg(body, temperatureK) * Math.min(1, share)
}

/** Energy of the wall, from the table’s first temperature. */
export function wallEnergyJ({ wallKg }: VesselBody, temperatureK: number): number {
  return wallKg * WALL_J_KG_K * (temperatureK - TABLE_FROM_K)
}

/** Energy of contents and wall. */
export function internalEnergyJ(thermal: CylinderThermalState): number {
  const { body, massKg, temperatureK } = thermal
  const slope = interpolateSaturation(SATURATION_COLUMN.slopeJPerKg, temperatureK)
  const roomJ = interpolateSaturation(SATURATION_COLUMN.volumeTermJPerM3, temperatureK) * body.volumeM3
  const thinnestKg = saturatedVaporMassKg(body, temperatureK)
  const contentsJ = massKg >= thinnestKg ? massKg * slope + roomJ : (massKg / thinnestKg) * (thinnestKg * slope + roomJ)
  return contentsJ + wallEnergyJ(body, temperatureK)
}

/** Heat that comes in for each kelvin that the air is warmer, with so much gas in it. */
export function wallConductanceWPerK(
  { body, temperatureK }: CylinderThermalState,
  heatTransferCoefficientWPerM2K: number,
  massKg: number,
): number {
  return heatTransferCoefficientWPerM2K * wettedAreaM2(body, liquidFraction({ body, massKg, temperatureK }))
}
