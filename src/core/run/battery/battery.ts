import { assumed, quantitySourcesSchema, withoutSource } from '@/core/base/provenance'
import { z } from '@/core/base/zod'

/** The rig’s 12 V battery and what it bears. */
export const batterySchema = z.strictObject({
  /** Rated charge, As. */
  capacityC: z
    .number()
    .positive('A battery holds more than zero.')
    .max(3_600_000, 'That is over 1,000 Ah. Check the unit.'),
  /** Share that may be drawn: half of lead, most of lithium. */
  usableShare: z.number().min(0.05, 'At least a twentieth may be drawn.').max(1),
  startShare: z.number().min(0).max(1).default(1),
  /** Alarms, lights, pump, phones: mean over the day. */
  standingA: z.number().min(0).max(100, 'That is more than a camper’s wiring carries.').default(0.8),
  /** From the sun, on a day like those to come. */
  solarC: z.number().min(0).max(3_600_000).default(0),
  /** From a charger on nights with shore power. */
  shoreA: z.number().min(0).max(200).default(10),
  /** How its numbers are known; entered when absent. */
  sources: quantitySourcesSchema.optional(),
})

export type Battery = z.output<typeof batterySchema>

/** A battery as most rigs have it, every number assumed: 100 Ah of lead, full on leaving. [common practice] */
export const usualBattery: Battery = batterySchema.parse({
  capacityC: 360_000,
  usableShare: 0.5,
  sources: Object.fromEntries(
    ['capacityC', 'usableShare', 'startShare', 'standingA', 'solarC', 'shoreA'].map((name) => [name, assumed()]),
  ),
})

/** A battery with a number that somebody entered: it is assumed no more. */
export function enteredInBattery(battery: Battery, change: Partial<Omit<Battery, 'sources'>>): Battery {
  return { ...battery, ...change, sources: Object.keys(change).reduce(withoutSource, battery.sources ?? {}) }
}

/** Share of its charge under which a battery is not drawn. */
export function leastShare({ usableShare }: Pick<Battery, 'usableShare'>): number {
  return 1 - usableShare
}

/** The battery at a moment. */
interface Charge {
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
