import { heatingValueJPerKg } from '@/core/fluids/fluidData'
import { heaterAltitude } from './heaterAltitude'
import type { Heater } from './heater'
import { heatOutlook, shareToRoom, type HeatedNight, type RoomWarmth } from '@/core/heat/warmth/heatOutlook'
import { ventilationNeed } from '@/core/heat/ventilation/ventilationNeed'

/** Costs of one heater, as entered. */
export interface HeaterMoney {
  gasPerKg: number | null
  price: number | null
  /** Nights until it breaks or is replaced. */
  lastsNights: number | null
}

/** One heater on this rig for one night. */
export interface HeaterComparison {
  /** Mean input to keep the room warm. */
  keepW: number
  evenness: 'steady' | 'cycles' | 'too-small'
  /** How far its lowest setting would carry the room over the wish, were it left on; how far its highest falls short. */
  offByK: number
  warmUpS: number | null
  /** To warm up and then keep warm. */
  gasKg: number
  gasCost: number | null
  /** Gas, and the heater's own share of its price. */
  nightCost: number | null
  /** Required open area; 0 for a vented heater. */
  openAreaM2: number
  limitM: number | null
  isAboveLimit: boolean
  /** Charge its blower takes from a 12 V battery, in coulombs; null where it has none. */
  batteryC: number | null
}

/** A furnace's blower. [common practice] Four to eight amperes. */
const BLOWER_A = 6

/**
 * Compares one heater for this rig and night.
 *
 * @param heater - its inputs and limits
 * @param warmth - of the room, for each watt of input of an unvented heater
 * @param night - temperatures and hours; the heater's own input is used
 * @param altitudeM - of the place
 * @param money - prices, as far as they are known
 * @throws InputError as heatOutlook does
 */
export function compareHeater(
  heater: Heater,
  warmth: RoomWarmth,
  night: Omit<HeatedNight, 'inputW' | 'vented'>,
  altitudeM: number,
  money: HeaterMoney,
): HeaterComparison {
  const { keepW, warmUpS, warmUpKg } = heatOutlook(warmth, { ...night, inputW: heater.highW, vented: heater.vented })
  const isTooSmall = keepW > heater.highW
  const evenness = isTooSmall ? 'too-small' : keepW < heater.lowW ? 'cycles' : 'steady'
  const burnedW = Math.min(keepW, heater.highW)
  const gasKg = (warmUpKg ?? 0) + (burnedW * night.keepS) / heatingValueJPerKg()
  const gasCost = money.gasPerKg === null ? null : gasKg * money.gasPerKg
  const wear = money.price !== null && money.lastsNights !== null ? money.price / money.lastsNights : null
  const { limitM, isAbove } = heaterAltitude(heater, altitudeM)
  const onS = (warmUpS ?? 0) + (night.keepS * burnedW) / heater.highW
  const overW = evenness === 'cycles' ? heater.lowW - keepW : isTooSmall ? keepW - heater.highW : 0
  return {
    keepW,
    evenness,
    offByK: (overW * shareToRoom(heater)) / warmth.lossWPerK,
    warmUpS,
    gasKg,
    gasCost,
    nightCost: gasCost === null ? null : gasCost + (wear ?? 0),
    openAreaM2: heater.vented ? 0 : ventilationNeed(heater.highW, heater.openAreaM2).areaM2,
    limitM,
    isAboveLimit: isAbove,
    batteryC: heater.kind === 'furnace' ? BLOWER_A * onS : null,
  }
}
