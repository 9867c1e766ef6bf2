import { boilAt, BOIL, BOIL_FROM_K } from './propaneSaturationTable'
import { type VesselBody, wettedAreaM2 } from './vessel'

/** A cylinder at one moment, with what went in and out of it so far. */
export interface Boiling {
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
export function startBoiling(body: VesselBody, massKg: number, temperatureK: number): Boiling {
  return { body, massKg, temperatureK, heatInJ: 0, gasOutJ: 0, drawnKg: 0 }
}

/** Of propane: 8.31451 J/(mol·K) over 44.0956 g/mol. */
const SPECIFIC_R = 188.556

/** How far the vapour at the point of boiling is from an ideal gas. */
function boilingZ(temperatureK: number): number {
  return boilAt(BOIL.pressurePa, temperatureK) / (boilAt(BOIL.vapourKgM3, temperatureK) * SPECIFIC_R * temperatureK)
}

/** Mass that fills a vessel as vapour alone, boiling pressure just reached. */
export function allVapourKg({ volumeM3 }: VesselBody, temperatureK: number): number {
  return volumeM3 * boilAt(BOIL.vapourKgM3, temperatureK)
}

/** Whether no liquid is left. */
export function isVapourOnly({ body, massKg, temperatureK }: Boiling): boolean {
  return massKg <= allVapourKg(body, temperatureK) * (1 + 1e-9)
}

/** Liquid of the inside, 0 to 1. */
export function liquidShare({ body, massKg, temperatureK }: Pick<Boiling, 'body' | 'massKg' | 'temperatureK'>): number {
  const share = (boilAt(BOIL.levelM3Kg, temperatureK) * massKg) / body.volumeM3 - boilAt(BOIL.lift, temperatureK)
  return Math.min(1, Math.max(0, share))
}

/**
 * Absolute pressure: of boiling while there is liquid; of gas alone when there is none, from the ideal gas when it is
 * thin to the point of boiling by the first term of a virial series.
 */
export function pressureOf({ body, massKg, temperatureK }: Boiling): number {
  const share = Math.min(1, massKg / allVapourKg(body, temperatureK))
  const z = boilingZ(temperatureK)
  return (boilAt(BOIL.pressurePa, temperatureK) * share * (1 - (1 - z) * share)) / z
}

/** Gas too thin to press as wanted: it stays in the cylinder. The same series, turned about. */
export function residueKg({ body, temperatureK }: Boiling, needPa: number): number {
  const wanted = Math.min(1, needPa / boilAt(BOIL.pressurePa, temperatureK))
  const z = boilingZ(temperatureK)
  const share = (1 - Math.sqrt(Math.max(0, 1 - 4 * (1 - z) * z * wanted))) / (2 * (1 - z))
  return allVapourKg(body, temperatureK) * Math.min(1, share)
}

/** Energy of the wall, from the table’s first temperature. */
export function wallEnergyJ({ wallKg }: VesselBody, temperatureK: number): number {
  return wallKg * WALL_J_KG_K * (temperatureK - BOIL_FROM_K)
}

/** Energy of contents and wall. */
export function energyJ(boiling: Boiling): number {
  const { body, massKg, temperatureK } = boiling
  const slope = boilAt(BOIL.slopeJKg, temperatureK)
  const roomJ = boilAt(BOIL.roomJM3, temperatureK) * body.volumeM3
  const thinnestKg = allVapourKg(body, temperatureK)
  const contentsJ = massKg >= thinnestKg ? massKg * slope + roomJ : (massKg / thinnestKg) * (thinnestKg * slope + roomJ)
  return contentsJ + wallEnergyJ(body, temperatureK)
}

/** Heat that comes in for each kelvin that the air is warmer, with so much gas in it. */
export function wallWPerK({ body, temperatureK }: Boiling, wallUWPerM2K: number, massKg: number): number {
  return wallUWPerM2K * wettedAreaM2(body, liquidShare({ body, massKg, temperatureK }))
}
