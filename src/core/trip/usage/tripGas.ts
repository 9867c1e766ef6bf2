import { type BurnSpan, burnedBetweenKg } from './burnSpans'
import type { TripMoments } from './tripMoments'

/** What a trip really burned. */
export interface TripGas {
  burnedKg: number
  /** Some of the time lies between readings that tell nothing. */
  hasGaps: boolean
  /** By day from the first, each a day of the owner's clock. */
  days: readonly { day: string; kg: number }[]
  cost: number | null
  costPerNight: number | null
}

const DAY_MS = 86_400_000
/** Driving home and unpacking hide nothing that matters. */
const GAP_MS = DAY_MS / 2

/**
 * What a trip burned by the readings, by day and in money.
 *
 * @param spans - from burnSpans
 * @param moments - of the trip
 * @param nights - of it
 * @param perKg - money for each kilogram; null when nobody entered what a fill cost
 */
export function tripGas(
  spans: readonly (BurnSpan & { isUnknown: boolean })[],
  { startMs, endMs, aheadMs }: TripMoments,
  nights: number,
  perKg: number | null,
): TripGas {
  const known = spans.filter(({ isUnknown }) => !isUnknown)
  const burnedKg = burnedBetweenKg(known, startMs, endMs)
  const firstMs = Math.floor((startMs + aheadMs) / DAY_MS) * DAY_MS - aheadMs
  const count = Math.max(1, Math.round((endMs - firstMs) / DAY_MS))
  const days = Array.from({ length: count }, (_, i) => {
    const fromMs = Math.max(startMs, firstMs + i * DAY_MS)
    return {
      day: new Date(firstMs + i * DAY_MS + aheadMs).toISOString().slice(0, 10),
      kg: burnedBetweenKg(known, fromMs, Math.min(endMs, firstMs + (i + 1) * DAY_MS)),
    }
  })
  const cost = perKg === null ? null : burnedKg * perKg
  const hasGaps = spans.some(
    ({ isUnknown, fromMs, toMs }) => isUnknown && Math.min(toMs, endMs) - Math.max(fromMs, startMs) > GAP_MS,
  )
  return { burnedKg, hasGaps, days, cost, costPerNight: cost === null ? null : cost / nights }
}
