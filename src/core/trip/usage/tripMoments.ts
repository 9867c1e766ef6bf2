import { usualRunSettings } from '@/core/run/runSettings'
import { tripEndDay } from '@/core/time/tripClock'
import type { TripPlan } from '@/core/run/tripPlan'

const HOUR_MS = 3_600_000

export interface TripMoments {
  startMs: number
  endMs: number
  /** Offset of the owner's clock from UTC. */
  aheadMs: number
  /** Whether it has started and is not over. */
  isUnderWay: boolean
}

/**
 * When a trip begins and ends, in milliseconds since 1970.
 *
 * @param plan - its days are those of the owner's clock
 * @param nowIso - the moment, with the owner's offset
 */
export function tripMoments(
  { startDay, nights, settings }: Pick<TripPlan, 'startDay' | 'nights' | 'settings'>,
  nowIso: string,
): TripMoments {
  const aheadMs = Date.parse(`${nowIso.slice(0, 19)}Z`) - Date.parse(nowIso)
  const { startH } = settings ?? usualRunSettings
  const startMs = Date.parse(`${startDay}T00:00Z`) + startH * HOUR_MS - aheadMs
  const endMs = Date.parse(`${tripEndDay(startDay, nights)}T00:00Z`) + 24 * HOUR_MS - aheadMs
  const nowMs = Date.parse(nowIso)
  return { startMs, endMs, aheadMs, isUnderWay: nowMs > startMs && nowMs < endMs }
}
