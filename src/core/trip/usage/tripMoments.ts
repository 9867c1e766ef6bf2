import { usualRunSettings } from '@/core/run/runSettings'
import type { TripPlan } from '@/core/run/tripPlan'
import { tripEndDay } from '@/core/time/day'
import { elapsedWhenShownS } from '@/core/time/tripClock'

const HOUR_S = 3600

const DAY_S = 86_400

/** A day of the owner's calendar. */
interface TripDay {
  /** `2026-12-04`. */
  day: string
  /** Its midnights, in milliseconds since 1970; 23 or 25 hours apart when the clock changes. */
  fromMs: number
  toMs: number
}

export interface TripMoments {
  startMs: number
  /** Midnight after the last day. */
  endMs: number
  /** From the day of leaving to the day of coming home. */
  days: readonly TripDay[]
  /** Whether it has started and is not over. */
  isUnderWay: boolean
}

/** Instant of leaving, by the offset of a moment where the plan does not say it. */
function startOf(
  { startAt, startDay }: Pick<TripPlan, 'startAt' | 'startDay'>,
  startS: number,
  nowIso: string,
): number {
  if (startAt !== undefined) return Date.parse(startAt)
  const aheadMs = Date.parse(`${nowIso.slice(0, 19)}Z`) - Date.parse(nowIso)
  return Date.parse(`${startDay}T00:00Z`) + startS * 1000 - aheadMs
}

/**
 * When a trip begins and ends, in milliseconds since 1970, and its days.
 *
 * @param plan - its days are those of the owner’s clock, with the clock changes of its settings
 * @param nowIso - the moment; with the owner’s offset when the plan has no `startAt`
 */
export function tripMoments(
  { startAt, startDay, nights, settings }: Pick<TripPlan, 'startAt' | 'startDay' | 'nights' | 'settings'>,
  nowIso: string,
): TripMoments {
  const { startH, clockChanges } = settings ?? usualRunSettings
  const startS = startH * HOUR_S
  const startMs = startOf({ startAt, startDay }, startS, nowIso)
  const midnightMs = (day: number): number => startMs + elapsedWhenShownS(clockChanges, day * DAY_S - startS) * 1000
  const endMs = midnightMs(nights + 1)
  const nowMs = Date.parse(nowIso)
  return {
    startMs,
    endMs,
    days: Array.from({ length: nights + 1 }, (_, day) => ({
      day: tripEndDay(startDay, day),
      fromMs: midnightMs(day),
      toMs: midnightMs(day + 1),
    })),
    isUnderWay: nowMs > startMs && nowMs < endMs,
  }
}
