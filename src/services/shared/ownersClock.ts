import { formatISO } from 'date-fns'
import { usualRunSettings } from '@/core/run/runSettings'
import type { TripPlan } from '@/core/run/tripPlan'
import type { ClockChange } from '@/core/time/tripClock'

/** More than two a year there never are. */
const MAX_CHANGES = 4

const MINUTE_MS = 60_000

const HOUR_MS = 60 * MINUTE_MS

/** Minutes that the clock of this machine is ahead of UTC. */
function aheadMinutes(ms: number): number {
  return -new Date(ms).getTimezoneOffset()
}

/** Minute at which the clock has changed, between two moments of which it had not yet and already. */
function minuteOfChange(beforeMs: number, afterMs: number): number {
  const isAfter = (ms: number): boolean => aheadMinutes(ms) === aheadMinutes(afterMs)
  let [low, high] = [beforeMs, afterMs]
  while (high - low > MINUTE_MS) {
    const middle = low + Math.floor((high - low) / 2 / MINUTE_MS) * MINUTE_MS
    if (isAfter(middle)) high = middle
    else low = middle
  }
  return high
}

/** Changes of this machine's clock in a time, counted from its start. */
function clockChangesIn(startMs: number, hours: number): ClockChange[] {
  const changes: ClockChange[] = []
  for (let hour = 0; hour < hours && changes.length < MAX_CHANGES; hour += 1) {
    const [beforeMs, afterMs] = [startMs + hour * HOUR_MS, startMs + (hour + 1) * HOUR_MS]
    const shiftMinutes = aheadMinutes(afterMs) - aheadMinutes(beforeMs)
    if (shiftMinutes === 0) continue
    changes.push({ atS: (minuteOfChange(beforeMs, afterMs) - startMs) / 1000, shiftS: shiftMinutes * 60 })
  }
  return changes
}

/**
 * A trip with the instant of leaving and the clock changes up to the end of its last day, in this machine’s time zone,
 * which is the owner’s.
 *
 * @param plan - of the trip; one whose day cannot be read is returned as it is
 */
export function onOwnersClock<Plan extends Pick<TripPlan, 'startDay' | 'nights' | 'settings'>>(
  plan: Plan,
): Plan & Pick<TripPlan, 'startAt' | 'settings'> {
  const settings = plan.settings ?? usualRunSettings
  const [year = NaN, month = NaN, day = NaN] = plan.startDay.split('-').map(Number)
  const minutes = Math.round(settings.startH * 60)
  const startMs = new Date(year, month - 1, day, 0, minutes).getTime()
  if (!Number.isFinite(startMs)) return plan
  const clockChanges = clockChangesIn(startMs, (plan.nights + 1) * 24)
  return { ...plan, startAt: new Date(startMs).toISOString(), settings: { ...settings, clockChanges } }
}

/**
 * The day of the owner’s calendar on which an instant lies, in this machine’s time zone, which is the owner’s.
 *
 * @param instant - ISO 8601 with its offset
 * @returns `2026-11-23` for 2026-11-24T05:30:00Z in Denver
 */
export function ownersDay(instant: string): string {
  return formatISO(new Date(instant), { representation: 'date' })
}
