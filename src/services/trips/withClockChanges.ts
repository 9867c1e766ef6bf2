import { addHours } from 'date-fns'
import { usualRunSettings } from '@/core/run/runSettings'
import type { TripPlan } from '@/core/run/tripPlan'

/** More than two a year there never are. */
const MAX = 4

/**
 * A trip with its clock changes in this machine's time zone.
 *
 * @param plan - of the trip
 */
export function withClockChanges(plan: TripPlan): TripPlan {
  const settings = plan.settings ?? usualRunSettings
  const start = new Date(`${plan.startDay}T00:00:00`)
  if (Number.isNaN(start.getTime())) return plan
  const begin = addHours(start, settings.startH)
  const clockChanges: { atS: number; shiftS: number }[] = []
  let before = begin.getTimezoneOffset()
  for (let hour = 1; hour <= plan.nights * 24 && clockChanges.length < MAX; hour += 1) {
    const after = addHours(begin, hour).getTimezoneOffset()
    // The offset is how far UTC is ahead: a smaller one means a clock set forward.
    if (after !== before) clockChanges.push({ atS: hour * 3600, shiftS: (before - after) * 60 })
    before = after
  }
  return { ...plan, settings: { ...settings, clockChanges } }
}
