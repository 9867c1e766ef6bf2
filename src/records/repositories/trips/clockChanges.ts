import { addHours } from 'date-fns'
import { usualRunSettings } from '@/core/run/runSettings'
import type { TripPlan } from '@/core/run/tripPlan'

/** More than two a year there never are. */
const MAX = 4

/**
 * A trip with the moments at which clocks are put forward or back on it, where this machine is.
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
    // An offset says by how much UTC is ahead: less of it is a clock put forward.
    if (after !== before) clockChanges.push({ atS: hour * 3600, shiftS: (before - after) * 60 })
    before = after
  }
  return { ...plan, settings: { ...settings, clockChanges } }
}
