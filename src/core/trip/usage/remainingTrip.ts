import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { usualRunSettings } from '@/core/run/runSettings'
import type { TripPlan } from '@/core/run/tripPlan'
import { tripMoments } from './tripMoments'

/** The cylinders aboard of the supplies that a trip burns from. */
function cylindersInUse({ uses }: Pick<TripPlan, 'uses'>, cylinders: readonly CylinderGear[]): CylinderGear[] {
  const used = new Set(uses.map(({ supply }) => supply))
  return cylinders.filter(({ aboard, kind }) => {
    const { supply } = kindFacts[kind]
    return aboard && supply !== null && used.has(supply)
  })
}

/**
 * Up to when it is known what a cylinder holds, in milliseconds since 1970: from when it was last weighed or read, for
 * as long after that as it is known to have stayed shut; −∞ when nobody ever weighed or read it.
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
 * Of a trip under way, the cylinders it burns from that nobody weighed or read since leaving: while there are any, the
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

const DAY_S = 86_400

const HOUR_MS = 3_600_000

/** When what is in each cylinder that the trip burns from was last told; its start where that was before it. */
function knownFromMs(plan: TripPlan, cylinders: readonly CylinderGear[], startMs: number): number {
  const moments = cylindersInUse(plan, cylinders).map((cylinder) => Math.max(startMs, lastMeasuredMs(cylinder)))
  return moments.length > 0 ? Math.min(...moments) : startMs
}

/**
 * What is left of a trip that is under way: from the oldest weigh-in made on it to its end, since what is in the
 * cylinders is known from then on only. It ends when the whole trip would: its last day is then a part of one.
 *
 * @param plan - of the whole trip
 * @param cylinders - of the rig
 * @param nowIso - the moment, with the owner's offset
 * @returns the plan itself before the trip, after it, and while nothing was weighed on it
 */
export function remainingTrip(plan: TripPlan, cylinders: readonly CylinderGear[], nowIso: string): TripPlan {
  const settings = plan.settings ?? usualRunSettings
  const { startMs, aheadMs, isUnderWay } = tripMoments(plan, nowIso)
  if (!isUnderWay) return plan
  const fromMs = Math.min(Date.parse(nowIso), knownFromMs(plan, cylinders, startMs))
  const goneS = Math.floor((fromMs - startMs) / HOUR_MS) * 3600
  if (goneS <= 0) return plan
  const goneH = goneS / 3600
  const lastsS = plan.nights * DAY_S - goneS
  if (lastsS <= 0) return plan
  // What is said of a night is taken for the day from the new beginning that has most of it.
  const goneNights = Math.round(goneS / DAY_S)
  // By the owner's own clock.
  const from = new Date(startMs + goneS * 1000 + aheadMs)
  const fromDay = from.toISOString().slice(0, 10)
  const { forecast } = plan
  return {
    ...plan,
    startDay: fromDay,
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
      clockChanges: settings.clockChanges
        .filter(({ atS }) => atS >= goneS)
        .map((change) => ({ ...change, atS: change.atS - goneS })),
    },
    forecast: forecast && {
      ...forecast,
      // One of other days stays so, and is told.
      fromDay: forecast.fromDay === plan.startDay ? fromDay : forecast.fromDay,
      // The last hour holds on, so one is always kept.
      temperatureK: forecast.temperatureK.slice(Math.min(goneH, forecast.temperatureK.length - 1)),
      windMS: forecast.windMS.slice(goneH),
      spreadK: forecast.spreadK.slice(goneH),
    },
  }
}

/** How many nights a trip still has, said in a word: begun ones count when most of them is to come. */
export function nightsLeft({ nights, lastsS }: Pick<TripPlan, 'nights' | 'lastsS'>): number {
  return lastsS === undefined ? nights : Math.max(1, Math.round(lastsS / DAY_S))
}
