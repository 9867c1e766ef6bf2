import { VENTED_SHARE } from '@/core/appliances/applianceKinds'
import { MOLAR_GAS_J_PER_MOLK } from '@/core/fluids/atmosphere'
import { dewPointK, saturationVaporPa } from '@/core/fluids/waterVapor'
import type { Room } from '@/core/heat/room/room'
import { roomVolumeM3 } from '@/core/heat/room/roomGeometry'
import { shapeEstimate, glassFacts, shellFacts } from '@/core/heat/warmth/shapeEstimate'
import { burningShare, combustion, scarcity, SENSIBLE_SHARE } from './combustion'
import { leakageFactor } from './leakage'
import { ventilationFlowM3S } from './ventilationFlow'
import type { RoomAirInput } from './roomAirInput'

/** What people give off and take, per second. */
interface OccupantEmissions {
  co2MolS: number
  oxygenMolS: number
  waterMolS: number
  heatW: number
}

/** Per person: CO2 in L/s at 20 °C (ASHRAE Fundamentals), water and heat. [from memory] */
const AWAKE = { co2LS: 0.0052, waterGH: 50, heatW: 100 }

const ASLEEP = { co2LS: 0.0035, waterGH: 40, heatW: 75 }

/** CO2 given for oxygen taken, on a mixed diet. [from memory] */
const RESPIRATORY_QUOTIENT = 0.85

const LITERS_PER_MOL = 24.05

const WATER_G_MOL = 18.0153

/**
 * People's breath and warmth.
 *
 * @param people - how many sit, how many sleep
 */
export function occupantEmissions({ awake, asleep }: { awake: number; asleep: number }): OccupantEmissions {
  const co2MolS = (awake * AWAKE.co2LS + asleep * ASLEEP.co2LS) / LITERS_PER_MOL
  return {
    co2MolS,
    oxygenMolS: co2MolS / RESPIRATORY_QUOTIENT,
    waterMolS: (awake * AWAKE.waterGH + asleep * ASLEEP.waterGH) / 3600 / WATER_G_MOL,
    heatW: awake * AWAKE.heatW + asleep * ASLEEP.heatW,
  }
}

/** State of the room's air at one time. */
export interface AirMoment {
  timeS: number
  co2Ppm: number
  o2Fraction: number
  relativeHumidity: number
  temperatureK: number
  dewPointK: number
  /** Inner face of the panes. */
  glassK: number
  heaterW: number
  /** Air that passes through, leakage with it. */
  airflowM3S: number
  /** Share of the heater's input that burns in this air; 1 but where oxygen runs out. */
  burningShare: number
}

interface AirModel {
  /** Amounts of oxygen, CO2 and water (mol), temperature (K); what came in, what was made (mol); water condensed (mol). */
  start: readonly number[]
  slopes: (y: readonly number[], heaterW: number) => number[]
  momentOf: (timeS: number, y: readonly number[], heaterW: number) => AirMoment
  /** Propane that burns at a moment. */
  propaneKgS: (y: readonly number[], heaterW: number) => number
}

/** Of dry air. */
const OXYGEN_SHARE = 0.20946

/** A trial step of the solver may pass what the vapor pressure is stated for; its result is refused before that. */
function withinSteam(temperatureK: number): number {
  return Math.min(473.15, Math.max(173.15, temperatureK))
}

/** Numbers of the state: see start. */
const STATES = 11

/** Heat of air, J/(mol K). */
const AIR_J_MOLK = 29.1

/** Between a surface and still air in a room: heat, and the water that goes the same way (Lewis). */
const SURFACE_W_M2K = 8

const CONVECTION_W_M2K = 3

const LEWIS_J_M3K = 1200 * 0.86 ** (2 / 3)

/**
 * Time derivatives of the room's air and temperature: one well-mixed zone at outside pressure.
 *
 * @param input - see roomAirSchema
 * @param room - with the openings that count
 */
export function airModel(input: RoomAirInput, room: Room): AirModel {
  const { outside, windMS, people, vented } = input
  const { temperatureK: outK, pressurePa } = outside
  const shape = shapeEstimate(room)
  const fabricWPerK = input.fabricWPerK ?? shape.fabricWPerK
  const capacityJPerK = input.capacityJPerK ?? shape.capacityJPerK
  const volumeM3 = roomVolumeM3(room)
  const leakageM3S = (shellFacts[room.shell].leakagePerH / 3600) * volumeM3
  const given = occupantEmissions(people)
  const waterOut = (outside.relativeHumidity * saturationVaporPa(outK)) / pressurePa
  const shareOut = [OXYGEN_SHARE * (1 - waterOut), outside.co2Ppm / 1e6, waterOut] as const
  const surfaces = [
    { areaM2: shape.glassAreaM2, lossWPerM2K: glassFacts[room.glass].lossWPerM2K },
    { areaM2: shape.shellAreaM2 - shape.glassAreaM2, lossWPerM2K: shellFacts[room.shell].lossWPerM2K },
  ]
  const insideOf = (lossWPerM2K: number, inK: number): number => inK - (lossWPerM2K / SURFACE_W_M2K) * (inK - outK)
  const amountOf = (inK: number): number => (pressurePa * volumeM3) / (MOLAR_GAS_J_PER_MOLK * inK)
  const openings = ventilationFlowM3S(room, windMS)
  const flowOf = (inK: number): number => leakageM3S * leakageFactor(inK - outK, windMS) + openings(inK, outK)
  const isCatalytic = input.catalytic
  /** A vented heater burns outside air. */
  const burning = (oxygenShare: number): number => (vented ? 1 : burningShare(oxygenShare, isCatalytic))

  /** Vapor that settles on what is colder than the dew point, mol/s. */
  const condensationRate = (inK: number, vaporPa: number): number => {
    let sumMolS = 0
    for (const { areaM2, lossWPerM2K } of surfaces) {
      const overPa = vaporPa - saturationVaporPa(withinSteam(insideOf(lossWPerM2K, inK)))
      if (overPa > 0) {
        sumMolS += ((CONVECTION_W_M2K / LEWIS_J_M3K) * areaM2 * overPa) / (MOLAR_GAS_J_PER_MOLK * inK)
      }
    }
    return sumMolS
  }
  // The solver copies what it is given, so one array serves every call.
  const rates = new Array<number>(STATES).fill(0)

  const startK = input.startK ?? outK
  const startAmount = amountOf(startK)
  const start = [...shareOut.map((share) => share * startAmount), startK, 0, 0, 0, 0, 0, 0, 0]

  return {
    start,
    slopes: (y, heaterW) => {
      const oxygen = y[0] ?? 0
      const co2 = y[1] ?? 0
      const water = y[2] ?? 0
      const inK = y[3] ?? outK
      const amount = amountOf(inK)
      const flowMolS = (flowOf(inK) * pressurePa) / (MOLAR_GAS_J_PER_MOLK * inK)
      const oxygenShare = oxygen / amount
      const litW = heaterW * burning(oxygenShare)
      const flame = combustion(vented ? 0 : litW)
      const breath = scarcity(oxygenShare)
      // Fumes of a vented heater carry about a quarter of its heat away.
      const heaterHeatW = vented ? litW * VENTED_SHARE : litW * SENSIBLE_SHARE
      const heatW = heaterHeatW + given.heatW - (fabricWPerK + flowMolS * AIR_J_MOLK) * (inK - outK)
      const warmingKS = heatW / capacityJPerK
      const settledMolS = condensationRate(inK, (water / amount) * pressurePa)
      const madeO = -flame.oxygenMolS - given.oxygenMolS * breath
      const madeC = flame.co2MolS + given.co2MolS * breath
      const madeW = flame.waterMolS + given.waterMolS - settledMolS
      // Air that grows warmer, and gases that are made, push some of the room's air out; the other way round air comes in.
      const addedMolS = (amount * warmingKS) / inK + madeO + madeC + madeW
      const inMolS = flowMolS + Math.max(0, -addedMolS)
      const outMolS = flowMolS + Math.max(0, addedMolS)
      const inO = inMolS * shareOut[0] - (outMolS * oxygen) / amount
      const inC = inMolS * shareOut[1] - (outMolS * co2) / amount
      const inW = inMolS * shareOut[2] - (outMolS * water) / amount
      rates[0] = inO + madeO
      rates[1] = inC + madeC
      rates[2] = inW + madeW
      rates[3] = warmingKS
      rates[4] = inO
      rates[5] = inC
      rates[6] = inW
      rates[7] = madeO
      rates[8] = madeC
      rates[9] = madeW
      rates[10] = settledMolS
      return rates
    },
    momentOf: (timeS, y, heaterW) => {
      const [oxygen = 0, co2 = 0, water = 0, inK = outK] = y
      const amount = amountOf(inK)
      const vaporPa = (water / amount) * pressurePa
      return {
        timeS,
        co2Ppm: (co2 / amount) * 1e6,
        o2Fraction: oxygen / amount,
        relativeHumidity: Math.min(1, vaporPa / saturationVaporPa(inK)),
        temperatureK: inK,
        dewPointK: dewPointK(vaporPa),
        glassK: insideOf(glassFacts[room.glass].lossWPerM2K, inK),
        heaterW,
        airflowM3S: flowOf(inK),
        burningShare: burning(oxygen / amount),
      }
    },
    propaneKgS: (y, heaterW) => {
      const [oxygen = 0, , , inK = outK] = y
      return combustion(heaterW * burning(oxygen / amountOf(inK))).propaneKgS
    },
  }
}
