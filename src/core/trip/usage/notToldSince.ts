import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { burntFrom } from './burntFrom'
import { lastToldMs } from './lastToldMs'
import { tripMoments } from './tripMoments'
import type { TripPlan } from '@/core/run/tripPlan'

/**
 * Of a trip under way, the cylinders it burns from that nobody weighed or read since leaving: while there are any, the
 * whole trip is counted.
 *
 * @param plan - of the whole trip
 * @param cylinders - of the rig
 * @param nowIso - the moment, with the owner's offset
 * @returns their names; null before and after the trip
 */
export function notToldSince(plan: TripPlan, cylinders: readonly CylinderGear[], nowIso: string): string[] | null {
  const { startMs, isUnderWay } = tripMoments(plan, nowIso)
  if (!isUnderWay) return null
  return burntFrom(plan, cylinders)
    .filter((cylinder) => lastToldMs(cylinder) <= startMs)
    .map(({ name }) => name)
}
