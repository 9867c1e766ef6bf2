import { group } from 'd3-array'
import { kindFacts, type Supply } from '@/core/cylinders/cylinderKind'
import { heatingValueJPerKg } from '@/core/fluids/fluidData'
import { burnSpans, type CylinderReading, type Stretch } from './burnSpans'
import { type LearnedUse, TAUGHT } from '@/core/run/learnedUse'
import { sourceOf } from '@/core/run/simulation/buildRunInput'
import { isBurning, type TripPlan } from '@/core/run/tripPlan'
import type { TripRun } from '@/core/run/simulation/tripRun'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import type { Phrase } from '@/core/base/quantity'
import { compareInstants } from '@/core/time/instant'
import { tripMoments } from './tripMoments'

/** What burned from one set of cylinders against what was planned from it. */
export interface CalibratedGroup {
  /** The appliances that burn from it; one is told by itself, several share what was learned. */
  uses: readonly { id: string; name: string }[]
  burnedKg: number
  plannedKg: number
  /** Measured. */
  factor: number
  /** Between which it lies, by the errors of the scale. */
  range: { least: number; most: number }
  /** What is taught of it: no trip teaches more than TAUGHT. */
  taught: number
}

/** Calibration of the planned use of one supply from the weigh-ins of a trip. */
export interface UsageCalibration extends Omit<CalibratedGroup, 'uses'> {
  supply: Supply
  fromAt: string
  untilAt: string
  /** Burned from each, by name. */
  parts: readonly { id: string; name: string; burnedKg: number }[]
  groups: readonly CalibratedGroup[]
}

/** A calibration, or why there is none. */
export type UsageCalibrationResult = { calibration: UsageCalibration; why: null } | { calibration: null; why: Phrase }

const HOUR_MS = 3_600_000
/** Least time and mass that exceed the error of a scale. */
const MIN_MS = 6 * HOUR_MS
const MIN_KG = 0.05
/** A weigh-in at home closes the trip within this time, unless another trip began. */
const CLOSING_MS = 3 * 24 * HOUR_MS
/** Time within which weighings count as one session. */
const TOGETHER_MS = 12 * HOUR_MS
/** Range of plausible factors; outside it the habits are wrong. */
const FACTORS = { least: 0.2, most: 5 }

/** Error of one reading of a cylinder, and of a small bottle, kg. [common practice] */
const READING_ERROR_KG: Readonly<Record<Supply, number>> = { line: 0.1, bottles: 0.01 }

/** Energy demand of a supply up to a time, J. */
function wantedJ(run: TripRun, isOf: (sourceId: string) => boolean, untilS: number): number {
  let sum = 0
  for (const [i, moment] of run.series.entries()) {
    const next = run.series[i + 1]
    const toS = Math.min(untilS, next?.timeS ?? untilS)
    if (toS <= moment.timeS) break
    const wantedW = run.sources.reduce(
      (watts, { id }, k) => watts + (isOf(id) ? (moment.sources[k]?.wantedW ?? 0) : 0),
      0,
    )
    sum += wantedW * (toS - moment.timeS)
  }
  return sum
}

function nothing(text: string, parts?: Phrase['parts']): UsageCalibrationResult {
  return { calibration: null, why: parts ? { text, parts } : { text } }
}

/** Burned against planned; null where it is too little to tell. */
function compare(
  parts: readonly { burnedKg: number; errorKg: number }[],
  plannedKg: number,
): Omit<CalibratedGroup, 'uses'> | null {
  const burnedKg = parts.reduce((sum, part) => sum + part.burnedKg, 0)
  const errorKg = parts.reduce((sum, part) => sum + part.errorKg, 0)
  if (plannedKg < MIN_KG || burnedKg < MIN_KG) return null
  const factor = burnedKg / plannedKg
  return {
    burnedKg,
    plannedKg,
    factor,
    range: { least: Math.max(0, burnedKg - errorKg) / plannedKg, most: (burnedKg + errorKg) / plannedKg },
    taught: Math.min(TAUGHT.most, Math.max(TAUGHT.least, factor)),
  }
}

/**
 * Calibrates use from weigh-ins on a trip: gas burned compared with the habits as entered.
 *
 * @param supply - the rig’s line, or small bottles
 * @param cylinders - of the rig
 * @param readings - of those cylinders, before and on the trip
 * @param plan - of the whole trip
 * @param run - of that plan without learned factors
 * @param nowIso - the moment, with the owner's offset
 * @param otherTrips - of the rig: what burned on them is not of this one
 */
export function calibrateUsage(
  supply: Supply,
  cylinders: readonly CylinderGear[],
  readings: readonly CylinderReading[],
  plan: TripPlan,
  run: TripRun,
  nowIso: string,
  otherTrips: readonly Stretch[] = [],
): UsageCalibrationResult {
  const { startMs, endMs } = tripMoments(plan, nowIso)
  const nextMs = Math.min(...otherTrips.map((trip) => trip.startMs).filter((ms) => ms >= startMs))
  const closedMs = Math.min(endMs + CLOSING_MS, Math.max(endMs, nextMs))
  const held = cylinders.filter(({ kind, aboard }) => aboard && kindFacts[kind].supply === supply)
  const onTrip = readings.filter(
    ({ cylinderId, at }) =>
      held.some(({ id }) => id === cylinderId) && Date.parse(at) > startMs && Date.parse(at) <= closedMs,
  )
  if (onTrip.length === 0) return nothing('Nothing was weighed on this trip yet.')
  const untilMs = Math.max(...onTrip.map(({ at }) => Date.parse(at)))
  if (untilMs - startMs < MIN_MS) return nothing('The first weigh-in is too early to tell: six hours at least.')
  const parts: { id: string; name: string; burnedKg: number; errorKg: number }[] = []
  for (const { id, name } of held) {
    const own = readings.filter(({ cylinderId }) => cylinderId === id)
    const before = own
      .filter(({ at }) => Date.parse(at) <= startMs)
      .toSorted((a, b) => compareInstants(a.at, b.at))
      .at(-1)
    const since = own.filter(({ at }) => Date.parse(at) > startMs && Date.parse(at) <= untilMs)
    if (!before) return nothing('{name} was not weighed before the trip.', { name })
    const beforeMs = Date.parse(before.at)
    if (otherTrips.some((trip) => trip.endMs > beforeMs && trip.startMs < startMs)) {
      return nothing('{name} was not weighed between this trip and the one before it.', { name })
    }
    if (before.netKg !== null && before.netKg < MIN_KG && since.length === 0) continue
    if (since.every(({ at }) => untilMs - Date.parse(at) > TOGETHER_MS)) {
      return nothing('{name} was not weighed with the others: weigh it too.', { name })
    }
    const spans = burnSpans([before, ...since])
    if (spans.some(({ isUnknown }) => isUnknown)) {
      return nothing('{name} was filled without a weigh-in before: what it had burned is not known.', { name })
    }
    // Of a stretch without a fill the first and the last reading count.
    const stretches = 1 + since.filter(({ isFill }) => isFill).length
    const burnedKg = spans.reduce((sum, { kg }) => sum + kg, 0)
    parts.push({ id, name, burnedKg, errorKg: 2 * stretches * READING_ERROR_KG[supply] })
  }
  const burningFrom = group(
    plan.uses.filter((use) => use.supply === supply && isBurning(use)),
    sourceOf,
  )
  const untilS = (Math.min(untilMs, endMs) - startMs) / 1000
  const groups = [...burningFrom].flatMap(([source, uses]): CalibratedGroup[] => {
    const own = parts.filter(({ id }) => (burningFrom.has(`own ${id}`) ? `own ${id}` : supply) === source)
    const sums = compare(own, wantedJ(run, (id) => id === source, untilS) / heatingValueJPerKg())
    return sums ? [{ ...sums, uses: uses.map(({ id, name }) => ({ id, name })) }] : []
  })
  const whole = compare(parts, wantedJ(run, (id) => burningFrom.has(id), untilS) / heatingValueJPerKg())
  if (!whole || groups.length === 0) return nothing('Too little burned to tell.')
  const off = [whole, ...groups].find(({ factor }) => factor < FACTORS.least || factor > FACTORS.most)
  if (off) {
    return nothing('{burned} burned where {planned} was planned: so far off, check the hours and enter them again.', {
      burned: { value: off.burnedKg, role: 'cylinderMass' },
      planned: { value: off.plannedKg, role: 'cylinderMass' },
    })
  }
  const calibration = {
    ...whole,
    supply,
    fromAt: new Date(startMs).toISOString(),
    untilAt: new Date(untilMs).toISOString(),
    parts: parts.map(({ errorKg: _, ...part }) => part),
    groups,
  }
  return { calibration, why: null }
}

/**
 * What the owner takes over of a calibration, each for the hours or habit it was learned from.
 *
 * @param calibration - of one supply
 * @param plan - it was learned on
 */
export function taughtUses({ supply, groups }: UsageCalibration, { uses, name }: TripPlan): LearnedUse[] {
  return groups.flatMap(({ uses: own, taught }) =>
    uses
      .filter(({ id }) => own.some((one) => one.id === id))
      .map(({ id, burnPerDayS, habit }) => ({
        applianceId: id,
        supply,
        factor: taught,
        burnPerDayS,
        habit: habit ?? null,
        isShared: own.length > 1,
        from: name,
      })),
  )
}
