import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { usualRunSettings } from '@/core/run/runSettings'
import type { TripPlan } from '@/core/run/tripPlan'
import { changesFrom, clockShiftS, tripLengthS } from '@/core/time/tripClock'
import { tripMoments } from './tripMoments'

/** Cylinders aboard of the supplies that a trip uses. */
function cylindersInUse({ uses }: Pick<TripPlan, 'uses'>, cylinders: readonly CylinderGear[]): CylinderGear[] {
  const used = new Set(uses.map(({ supply }) => supply))
  return cylinders.filter(({ aboard, kind }) => {
    const { supply } = kindFacts[kind]
    return aboard && supply !== null && used.has(supply)
  })
}

/**
 * Time until which the contents of a cylinder are known, in milliseconds since 1970: the last weighing or reading, and
 * the time it is known to have stayed closed after it; −∞ without any reading.
 */
export function lastMeasuredMs({
  lastWeighing,
  lastLevel,
  shutUntil,
}: Pick<CylinderGear, 'lastWeighing' | 'lastLevel' | 'shutUntil'>): number {
  const measured = [lastWeighing?.weighedAt, lastLevel?.readAt].flatMap((at) => (at ? [Date.parse(at)] : []))
  if (measured.length === 0) return -Infinity
  return Math.max(...measured, ...(shutUntil ? [Date.parse(shutUntil)] : []))
}

/**
 * Cylinders in use that were not measured since a trip under way started: while there are any, the
 * whole trip is counted.
 *
 * @param plan - of the whole trip
 * @param cylinders - of the rig
 * @param nowIso - the moment, with the owner's offset
 * @returns their names; null before and after the trip
 */
export function unmeasuredSinceStart(
  plan: TripPlan,
  cylinders: readonly CylinderGear[],
  nowIso: string,
): string[] | null {
  const { startMs, isUnderWay } = tripMoments(plan, nowIso)
  if (!isUnderWay) return null
  return cylindersInUse(plan, cylinders)
    .filter((cylinder) => lastMeasuredMs(cylinder) <= startMs)
    .map(({ name }) => name)
}

/**
 * Whether a trip is over: after its last day, or on it once every cylinder in use was weighed at home.
 *
 * @param plan - of the whole trip
 * @param cylinders - of the rig
 * @param nowIso - the moment, with the owner's offset
 */
export function isTripOver(plan: TripPlan, cylinders: readonly CylinderGear[], nowIso: string): boolean {
  const { endMs, days } = tripMoments(plan, nowIso)
  const nowMs = Date.parse(nowIso)
  const homeMs = days.at(-1)?.fromMs ?? endMs
  if (nowMs >= endMs) return true
  const used = cylindersInUse(plan, cylinders)
  return nowMs >= homeMs && used.length > 0 && used.every((cylinder) => lastMeasuredMs(cylinder) >= homeMs)
}

const DAY_S = 86_400

const HOUR_MS = 3_600_000

/** Earliest of the last measurements of the cylinders in use, at least the start of the trip. */
function knownFromMs(plan: TripPlan, cylinders: readonly CylinderGear[], startMs: number): number {
  const moments = cylindersInUse(plan, cylinders).map((cylinder) => Math.max(startMs, lastMeasuredMs(cylinder)))
  return moments.length > 0 ? Math.min(...moments) : startMs
}

/**
 * The rest of a trip under way: from the oldest weigh-in made on it to its end, because the contents of the
 * cylinders are known only from then on. It ends when the whole trip does, so its last day may be partial.
 *
 * @param plan - of the whole trip
 * @param cylinders - of the rig
 * @param nowIso - the moment, with the owner's offset
 * @returns the plan itself before and after the trip, and while nothing was weighed on it
 */
export function remainingTrip(plan: TripPlan, cylinders: readonly CylinderGear[], nowIso: string): TripPlan {
  const settings = plan.settings ?? usualRunSettings
  const { startMs, isUnderWay } = tripMoments(plan, nowIso)
  if (!isUnderWay) return plan
  const fromMs = Math.min(Date.parse(nowIso), knownFromMs(plan, cylinders, startMs))
  const goneS = Math.floor((fromMs - startMs) / HOUR_MS) * 3600
  if (goneS <= 0) return plan
  const goneH = goneS / 3600
  const { startH, clockChanges } = settings
  const lastsS = tripLengthS(clockChanges, plan.nights) - goneS
  if (lastsS <= 0) return plan
  // Settings of a night apply to the day, counted from the new start, that contains most of it.
  const goneNights = Math.round(goneS / DAY_S)
  // What the owner's clock shows, written as if it were UTC.
  const shownS = startH * 3600 + goneS + clockShiftS(clockChanges, goneS)
  const from = new Date(Date.parse(`${plan.startDay}T00:00Z`) + shownS * 1000)
  const fromDay = from.toISOString().slice(0, 10)
  const { forecast } = plan
  return {
    ...plan,
    startDay: fromDay,
    startAt: new Date(startMs + goneS * 1000).toISOString(),
    nights: Math.ceil(lastsS / DAY_S),
    lastsS,
    uses: plan.uses.map((use) => ({ ...use, byNight: use.byNight?.slice(goneNights) ?? null })),
    settings: {
      ...settings,
      startH: from.getUTCHours() + from.getUTCMinutes() / 60,
      shoreNights: settings.shoreNights.filter((night) => night >= goneNights).map((night) => night - goneNights),
      refills: settings.refills
        .filter(({ atS }) => atS >= goneS)
        .map((refill) => ({ ...refill, atS: refill.atS - goneS })),
      clockChanges: changesFrom(clockChanges, goneS),
    },
    forecast: forecast && {
      ...forecast,
      // A forecast of other days stays so and is reported.
      fromDay: forecast.fromDay === plan.startDay ? fromDay : forecast.fromDay,
      // The last hour is extended, so at least one remains.
      temperatureK: forecast.temperatureK.slice(Math.min(goneH, forecast.temperatureK.length - 1)),
      windMS: forecast.windMS.slice(goneH),
      spreadK: forecast.spreadK.slice(goneH),
    },
  }
}

/** Nights left of a trip; a started night counts when most of it is left. */
export function nightsLeft({ nights, lastsS }: Pick<TripPlan, 'nights' | 'lastsS'>): number {
  return lastsS === undefined ? nights : Math.max(1, Math.round(lastsS / DAY_S))
}
