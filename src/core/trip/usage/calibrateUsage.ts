import { kindFacts, type Supply } from '@/core/cylinders/cylinderKind'
import { heatingValueJPerKg } from '@/core/fluids/fluidData'
import { burnSpans, type CylinderReading } from './burnSpans'
import type { TripPlan } from '@/core/run/tripPlan'
import type { TripRun } from '@/core/run/simulation/tripRun'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import type { Phrase } from '@/core/base/quantity'
import { compareInstants } from '@/core/time/instant'
import { tripMoments } from './tripMoments'

/** Calibration of the planned use of one supply from the weigh-ins of a trip. */
export interface UsageCalibration {
  supply: Supply
  burnedKg: number
  /** What the habits as entered would have burned in the same time. */
  plannedKg: number
  factor: number
  fromAt: string
  untilAt: string
  /** Burned from each, by name. */
  parts: readonly { name: string; burnedKg: number }[]
}

/** A calibration, or why there is none. */
export type UsageCalibrationResult = { calibration: UsageCalibration; why: null } | { calibration: null; why: Phrase }

const HOUR_MS = 3_600_000
/** Least time and mass that exceed the error of a scale. */
const MIN_MS = 6 * HOUR_MS
const MIN_KG = 0.05
/** Time within which weighings count as one session. */
const TOGETHER_MS = 12 * HOUR_MS
/** Range of plausible factors; outside it the habits are wrong. */
const FACTORS = { least: 0.2, most: 5 }

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

/**
 * Calibrates use from weigh-ins on a trip: gas burned compared with the habits as entered.
 *
 * @param supply - the rig’s line, or small bottles
 * @param cylinders - of the rig
 * @param readings - of those cylinders, before and on the trip
 * @param plan - of the whole trip
 * @param run - of that plan without learned factors
 * @param nowIso - the moment, with the owner's offset
 */
export function calibrateUsage(
  supply: Supply,
  cylinders: readonly CylinderGear[],
  readings: readonly CylinderReading[],
  plan: TripPlan,
  run: TripRun,
  nowIso: string,
): UsageCalibrationResult {
  const { startMs, endMs } = tripMoments(plan, nowIso)
  const held = cylinders.filter(({ kind, aboard }) => aboard && kindFacts[kind].supply === supply)
  const onTrip = readings.filter(
    ({ cylinderId, at }) =>
      held.some(({ id }) => id === cylinderId) && Date.parse(at) > startMs && Date.parse(at) <= endMs,
  )
  if (onTrip.length === 0) return nothing('Nothing was weighed on this trip yet.')
  const untilMs = Math.max(...onTrip.map(({ at }) => Date.parse(at)))
  if (untilMs - startMs < MIN_MS) return nothing('The first weigh-in is too early to tell: six hours at least.')
  const parts: { name: string; burnedKg: number }[] = []
  for (const { id, name } of held) {
    const own = readings.filter(({ cylinderId }) => cylinderId === id)
    const before = own
      .filter(({ at }) => Date.parse(at) <= startMs)
      .toSorted((a, b) => compareInstants(a.at, b.at))
      .at(-1)
    const since = own.filter(({ at }) => Date.parse(at) > startMs && Date.parse(at) <= untilMs)
    if (!before) return nothing('{name} was not weighed before the trip.', { name })
    if (before.netKg !== null && before.netKg < MIN_KG && since.length === 0) continue
    if (since.every(({ at }) => untilMs - Date.parse(at) > TOGETHER_MS)) {
      return nothing('{name} was not weighed with the others: weigh it too.', { name })
    }
    const spans = burnSpans([before, ...since])
    if (spans.some(({ isUnknown }) => isUnknown)) {
      return nothing('{name} was filled without a weigh-in before: what it had burnt is not known.', { name })
    }
    parts.push({ name, burnedKg: spans.reduce((sum, { kg }) => sum + kg, 0) })
  }
  const own = new Set(held.map(({ id }) => `own ${id}`))
  const plannedKg =
    wantedJ(run, (id) => id === supply || own.has(id), (untilMs - startMs) / 1000) / heatingValueJPerKg()
  const burnedKg = parts.reduce((sum, part) => sum + part.burnedKg, 0)
  if (plannedKg < MIN_KG || burnedKg < MIN_KG) return nothing('Too little burnt to tell.')
  const factor = burnedKg / plannedKg
  if (factor < FACTORS.least || factor > FACTORS.most) {
    return nothing('{burnt} burnt where {planned} was planned: so far off, the habits want entering anew.', {
      burnt: { value: burnedKg, role: 'cylinderMass' },
      planned: { value: plannedKg, role: 'cylinderMass' },
    })
  }
  const calibration = {
    supply,
    burnedKg,
    plannedKg,
    factor,
    fromAt: new Date(startMs).toISOString(),
    untilAt: new Date(untilMs).toISOString(),
    parts,
  }
  return { calibration, why: null }
}
