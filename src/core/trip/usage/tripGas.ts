import { type BurnSpan, burnedOnTripKg, type Stretch } from './burnSpans'
import type { TripMoments } from './tripMoments'

/** Gas actually burned on a trip. */
export interface TripGas {
  burnedKg: number
  /** Part of the time is between readings that give no use. */
  hasGaps: boolean
  /** By day from the first, each a day of the owner's clock. */
  days: readonly { day: string; kg: number }[]
  cost: number | null
  costPerNight: number | null
}

const DAY_MS = 86_400_000
/** Longest gap that does not matter, such as driving home and unpacking. */
const GAP_MS = DAY_MS / 2

/**
 * Gas burned on a trip from readings, by day, with its cost.
 *
 * @param spans - from burnSpans
 * @param moments - of the trip
 * @param nights - of it
 * @param perKg - price per kilogram; null when no fill has a price
 * @param trips - all of the rig, this one among them
 */
export function tripGas(
  spans: readonly (BurnSpan & { isUnknown: boolean })[],
  { startMs, endMs, days }: TripMoments,
  nights: number,
  perKg: number | null,
  trips: readonly Stretch[] = [{ startMs, endMs }],
): TripGas {
  const known = spans.filter(({ isUnknown }) => !isUnknown)
  const burnedKg = burnedOnTripKg(known, { startMs, endMs }, trips)
  const cost = perKg === null ? null : burnedKg * perKg
  const hasGaps = spans.some(
    ({ isUnknown, fromMs, toMs }) => isUnknown && Math.min(toMs, endMs) - Math.max(fromMs, startMs) > GAP_MS,
  )
  return {
    burnedKg,
    hasGaps,
    days: days.map(({ day, fromMs, toMs }) => ({
      day,
      kg: burnedOnTripKg(known, { startMs: Math.max(startMs, fromMs), endMs: Math.min(endMs, toMs) }, trips),
    })),
    cost,
    costPerNight: cost === null ? null : cost / nights,
  }
}
