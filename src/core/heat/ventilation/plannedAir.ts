import { MOLAR_GAS_J_PER_MOLK, standardAtmospherePa } from '@/core/fluids/atmosphere'
import { saturationVaporPa } from '@/core/fluids/waterVapor'
import { burningShare, combustion, SENSIBLE_SHARE } from '@/core/heat/air/combustion'
import { leakageFactor } from '@/core/heat/air/leakage'
import { occupantEmissions } from '@/core/heat/air/airModel'
import { ventilationFlowM3S } from '@/core/heat/air/ventilationFlow'
import type { Room } from '@/core/heat/room/room'
import { roomVolumeM3 } from '@/core/heat/room/roomGeometry'
import { shapeEstimate, shellFacts } from '@/core/heat/warmth/shapeEstimate'
import type { BurningTogether } from './burningTogether'

/** Where and when a room is heated. */
export interface AirConditions {
  altitudeM: number
  /** Outside at the mildest hour that is heated: less warmth moves less air. 50 °F (10 °C) when not known. */
  mildestK: number | null
}

/** The worst of the air over a planned day. */
export interface PlannedAir {
  co2Ppm: number
  oxygenShare: number
}

/** Below this a room with an unvented flame is a stop. [common practice] */
export const LEAST_OXYGEN_SHARE = 0.195

/** CO2 over this is to be fixed. [common practice] */
export const MOST_CO2_PPM = 5000

/** Of dry air; the outside air is as damp as nights are. [common practice] */
const DRY = { oxygenShare: 0.20946, co2Share: 0.00042 }

const RELATIVE_HUMIDITY = 0.8

/** Nobody heats a room beyond this: warmth that would drive more air is not counted on. [common practice] */
const WARMEST_K = 298.15

/** Nobody burns a heater on high when it is warmer outside. [common practice] */
export const MILDEST_HEATED_K = 283.15

/** Heat of air, J/(mol K). */
const AIR_J_MOLK = 29.1

const USUAL_PEOPLE = 2

/** A shut room without leaks: nothing flows out, and nothing is divided by 0. */
const TINY_MOL_S = 1e-9

function approached(from: number, toward: number, kept: number): number {
  return toward + (from - toward) * kept
}

/**
 * The worst of a room’s air over a day of the plan, every burner on high, in still air.
 *
 * A well-mixed room in steps of the plan, each solved for constant rates: air flows by warmth alone, and the room is
 * not counted as warmer than anyone keeps it.
 *
 * @param room - with its present openings
 * @param burning - from burningTogether
 * @param conditions - height and weather
 * @throws InputError for an impossible room or height
 * @see docs/models.md, "Ventilation"
 */
export function plannedAir(room: Room, burning: BurningTogether, conditions: AirConditions): PlannedAir {
  const pressurePa = standardAtmospherePa(conditions.altitudeM)
  const outK = conditions.mildestK ?? MILDEST_HEATED_K
  const given = occupantEmissions({ awake: USUAL_PEOPLE, asleep: 0 })
  const shape = shapeEstimate(room)
  const volumeM3 = roomVolumeM3(room)
  const leakageM3S = (shellFacts[room.shell].leakagePerH / 3600) * volumeM3
  const openings = ventilationFlowM3S(room, 0)
  const flowM3S = (inK: number): number => leakageM3S * leakageFactor(inK - outK, 0) + openings(inK, outK)
  const capacityJPerK = shape.capacityJPerK
  const dryShare = 1 - (RELATIVE_HUMIDITY * saturationVaporPa(outK)) / pressurePa
  const outside = { oxygenShare: DRY.oxygenShare * dryShare, co2Share: DRY.co2Share }
  let inK = outK
  let oxygenShare = outside.oxygenShare
  let co2Share = outside.co2Share
  const worst: PlannedAir = { co2Ppm: 0, oxygenShare }
  // Two days, so that the first begins with what the last has left.
  for (let i = 0; i < 2 * burning.inputW.length; i += 1) {
    const plannedW = burning.inputW[i % burning.inputW.length] ?? 0
    const inputW = plannedW * burningShare(oxygenShare, burning.isCatalytic)
    const flame = combustion(inputW)
    const amountMol = (pressurePa * volumeM3) / (MOLAR_GAS_J_PER_MOLK * inK)
    const inMolS = (flowM3S(inK) * pressurePa) / (MOLAR_GAS_J_PER_MOLK * inK)
    const madeCo2 = flame.co2MolS + given.co2MolS
    const takenO2 = flame.oxygenMolS + given.oxygenMolS
    const outMolS = Math.max(inMolS + madeCo2 + flame.waterMolS - takenO2, TINY_MOL_S)
    const kept = Math.exp((-outMolS * burning.stepS) / amountMol)
    oxygenShare = approached(oxygenShare, (inMolS * outside.oxygenShare - takenO2) / outMolS, kept)
    co2Share = approached(co2Share, (inMolS * outside.co2Share + madeCo2) / outMolS, kept)
    worst.oxygenShare = Math.max(0, Math.min(worst.oxygenShare, oxygenShare))
    worst.co2Ppm = Math.min(1e6, Math.max(worst.co2Ppm, co2Share * 1e6))
    const lossWPerK = shape.fabricWPerK + inMolS * AIR_J_MOLK
    const restK = outK + (inputW * SENSIBLE_SHARE + given.heatW) / lossWPerK
    const warmedK = approached(inK, restK, Math.exp((-lossWPerK * burning.stepS) / capacityJPerK))
    inK = Math.min(warmedK, Math.max(WARMEST_K, outK))
  }
  return worst
}
