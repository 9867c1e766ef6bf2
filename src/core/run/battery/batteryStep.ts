import type { Battery } from './battery'
import { leastShare } from './leastShare'

/** The battery at a moment. */
export interface Charge {
  /** Charge in it, As. */
  chargeC: number
  share: number
  leastShare: number
  isFlat: boolean
  flatAtS: number | null
}

/** What is drawn and given in a step. */
export interface Current {
  currentA: number
  sunShare: number
  onShore: boolean
}

/** Having been flat it bears loads again from here. */
const AGAIN_SHARE = 0.05

export function startBattery({ capacityC, startShare }: Battery): Charge {
  return { chargeC: capacityC * startShare, share: startShare, leastShare: startShare, isFlat: false, flatAtS: null }
}

/**
 * The battery after a step.
 *
 * @param battery - what it holds and may give
 * @param before - at the beginning
 * @param current - drawn by appliances, the sun’s share of the day’s charge for each second, shore power
 * @param timeS - at the beginning
 * @param stepS - its length
 */
export function batteryStep(
  { capacityC, usableShare, standingA, solarC, shoreA }: Battery,
  before: Charge,
  { currentA, sunShare, onShore }: Current,
  timeS: number,
  stepS: number,
): Charge {
  const flatC = capacityC * leastShare({ usableShare })
  const gainC = solarC * sunShare * stepS + (onShore ? shoreA * stepS : 0)
  const wanted = before.chargeC + gainC - (currentA + standingA) * stepS
  const chargeC = Math.min(capacityC, Math.max(flatC, wanted))
  const isFlat = wanted <= flatC || (before.isFlat && chargeC < flatC + capacityC * usableShare * AGAIN_SHARE)
  const share = chargeC / capacityC
  return {
    chargeC,
    share,
    leastShare: Math.min(before.leastShare, share),
    isFlat,
    flatAtS: before.flatAtS ?? (isFlat ? timeS + stepS : null),
  }
}
