import { VENTED_SHARE } from '@/core/appliances/applianceKinds'
import { InputError } from '@/core/base/InputError'
import { heatingValueJPerKg } from '@/core/fluids/fluidData'
import { requireTemperatureBetween } from '@/core/fluids/waterVapor'

/** A night as it should be heated. */
export interface HeatedNight {
  outsideK: number
  insideK: number
  /** How long to keep it warm. */
  keepS: number
  /** Input of the heater while it warms up; 0 for none. */
  inputW: number
  /** Its fumes leave through a flue, and a share of the heat with them. */
  vented?: boolean
  /** Gas that can be burned for it, where it is known. */
  aboardKg?: number
}

/** Share of a heater's input that warms the room, beside that of gas burned in the room. */
export function shareToRoom({ vented }: { vented?: boolean | undefined }): number {
  return vented ? VENTED_SHARE : 1
}

/** Warmth of a room, for each watt of gas burned in it: from a log or from its shape. */
export interface RoomWarmth {
  lossWPerK: number
  capacityJPerK: number
  /** From a warm-up log, the drawn room, or the kind and length of the rig alone. */
  from?: 'log' | 'shape' | 'kind'
}

export interface HeatOutlook {
  /** Input that keeps it warm. */
  keepW: number
  keepKg: number
  /** Time from outside temperature to the target; null when this heater never gets there. */
  warmUpS: number | null
  warmUpKg: number | null
  totalKg: number | null
  /** How long the gas aboard lasts for this heater alone; null when the contents are unknown. */
  lastsS: number | null
}

/**
 * Heat and gas needed for a night.
 *
 * @param warmth - of the room
 * @param night - temperatures, hours and the heater
 * @throws InputError when it is as warm outside as wished inside, or a negative time
 */
export function heatOutlook({ lossWPerK, capacityJPerK }: RoomWarmth, night: HeatedNight): HeatOutlook {
  const outsideK = requireTemperatureBetween(night.outsideK, 213.15, 323.15, 'outsideK')
  const insideK = requireTemperatureBetween(night.insideK, 263.15, 313.15, 'insideK')
  if (insideK <= outsideK) throw new InputError('insideK', 'It is as warm as that outside: no heater is wanted.')
  if (!(night.keepS >= 0 && night.keepS <= 7 * 86_400)) {
    throw new InputError('keepS', 'Hours lie between nothing and a week.')
  }
  const share = shareToRoom(night)
  const keepW = (lossWPerK * (insideK - outsideK)) / share
  const keepKg = (keepW * night.keepS) / heatingValueJPerKg()
  const reachK = outsideK + (night.inputW * share) / lossWPerK
  const warmUpS =
    reachK > insideK ? (-capacityJPerK / lossWPerK) * Math.log((reachK - insideK) / (reachK - outsideK)) : null
  const warmUpKg = warmUpS === null ? null : (warmUpS * night.inputW) / heatingValueJPerKg()
  return {
    keepW,
    keepKg,
    warmUpS,
    warmUpKg,
    totalKg: warmUpKg === null ? null : warmUpKg + keepKg,
    lastsS: night.aboardKg === undefined ? null : (night.aboardKg * heatingValueJPerKg()) / keepW,
  }
}
