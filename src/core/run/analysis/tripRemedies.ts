import { runTrip } from '@/core/run/simulation/runTrip'
import { extraCylinder } from '@/core/run/simulation/buildRunInput'
import type { TripAppliance, TripRun, TripRunInput } from '@/core/run/simulation/tripRun'
import type { Changeover } from '@/core/run/runSettings'
import type { Habit } from '@/core/appliances/habit'

/** One edit of a plan. */
export type RunEdit =
  | { do: 'changeover'; changeover: Changeover }
  | { do: 'get-up' }
  | { do: 'fill'; cylinderId: string }
  | { do: 'another-cylinder' }
  | { do: 'another-bottle' }
  | { do: 'habit'; applianceId: string; habit: Habit }
  | { do: 'gas-not-battery'; applianceId: string }

/** A change that was tried, with what it does. */
export interface TripRemedy {
  edit: RunEdit
  words: string
  /** Whether no outage with the first cause is left. */
  removes: boolean
  /** First outage afterwards; null when there is none. */
  firstOutageS: number | null
  usedKg: number
  /** Gas missing over the trip, and by how much less that is. */
  missingKg: number
  savesKg: number
}

/** One change and its effect on the input. */
type Tried = readonly [edit: RunEdit, words: string, change: (input: TripRunInput) => TripRunInput]

const COARSE_S = 600
const LESS_K = 3
const LESS_SHARE = 0.6
/** Start of the warm part of the day. */
const WARM_H = 14

const missing = (run: TripRun): number => run.outages.reduce((sum, { missingKg }) => sum + missingKg, 0)

function withAppliance(id: string, change: Partial<TripAppliance>): (input: TripRunInput) => TripRunInput {
  return (input) => ({
    ...input,
    appliances: input.appliances.map((one) => (one.id === id ? { ...one, ...change } : one)),
  })
}

/** Less of each appliance, or the same at a warmer hour. */
function ofHabits(appliances: readonly TripAppliance[]): Tried[] {
  return appliances.flatMap(({ id, name, habit, byNight }): Tried[] => {
    const changes: Tried[] = []
    const put = (words: string, next: Habit): void => {
      changes.push([{ do: 'habit', applianceId: id, habit: next }, words, withAppliance(id, { habit: next })])
    }
    if (habit.way === 'warmth') {
      put(`${name}: 3 °C (5 °F) cooler`, {
        ...habit,
        awakeK: Math.max(263.15, habit.awakeK - LESS_K),
        asleepK: habit.asleepK === null ? null : Math.max(263.15, habit.asleepK - LESS_K),
      })
      if (habit.asleepK !== null) put(`${name}: off while you sleep`, { ...habit, asleepK: null })
    }
    if (habit.way === 'hours' && habit.burnPerDayS > 0) {
      put(`${name}: in the warm of the afternoon`, { ...habit, fromH: WARM_H })
      put(`${name}: three fifths of the time`, { ...habit, burnPerDayS: habit.burnPerDayS * LESS_SHARE })
    }
    if (byNight.includes('battery')) {
      changes.push([
        { do: 'gas-not-battery', applianceId: id },
        `${name}: on gas, not on the battery`,
        withAppliance(id, { byNight: byNight.map((on) => (on === 'battery' ? 'gas' : on)) }),
      ])
    }
    return changes
  })
}

function candidates(input: TripRunInput, fillable: readonly string[], sourceId: string): Tried[] {
  const source = input.sources.find(({ id }) => id === sourceId)
  const own = input.cylinders.filter((cylinder) => cylinder.sourceId === sourceId)
  const changes: Tried[] = []
  const setSide =
    (changeover: Changeover): ((input: TripRunInput) => TripRunInput) =>
    (before) => ({
      ...before,
      sources: before.sources.map((one) => (one.id === sourceId ? { ...one, changeover } : one)),
    })
  if (source && sourceId === 'line' && own.length > 1) {
    if (source.changeover !== 'both')
      changes.push([{ do: 'changeover', changeover: 'both' }, 'both cylinders open', setSide('both')])
    if (source.changeover === 'one-side') {
      changes.push([{ do: 'changeover', changeover: 'automatic' }, 'an automatic changeover', setSide('automatic')])
    }
  }
  if (!input.getUp)
    changes.push([{ do: 'get-up' }, 'somebody gets up and changes over', (before) => ({ ...before, getUp: true })])
  for (const { id, name, massKg, limitKg } of own) {
    if (!fillable.includes(id) || limitKg === undefined || massKg > limitKg * 0.98) continue
    changes.push([
      { do: 'fill', cylinderId: id },
      `${name} filled before leaving`,
      (before) => ({
        ...before,
        cylinders: before.cylinders.map((one) => (one.id === id ? { ...one, massKg: limitKg } : one)),
      }),
    ])
  }
  changes.push(
    ...ofHabits(input.appliances.filter((appliance) => appliance.sourceId === sourceId)),
    ...another(sourceId),
  )
  return changes
}

/** One more cylinder or bottle for this source; an appliance’s own cylinder is a source of its own. */
function another(sourceId: string): Tried[] {
  if (sourceId !== 'line' && sourceId !== 'bottles') return []
  const [edit, words] =
    sourceId === 'line'
      ? [{ do: 'another-cylinder' } as const, 'one more full 20 lb cylinder']
      : [{ do: 'another-bottle' } as const, 'one more full bottle']
  return [
    [
      edit,
      words,
      (before) => ({
        ...before,
        cylinders: [...before.cylinders, extraCylinder(sourceId, before.cylinders.length + 1)],
      }),
    ],
  ]
}

/**
 * Changes that fix the first outage of a trip, each simulated; those that remove it first.
 *
 * A non-refillable bottle is never proposed for filling.
 *
 * @param input - the plan
 * @param fillable - cylinders that may be filled and that a pump would take
 * @returns none when there is no outage
 */
export function tripRemedies(input: TripRunInput, fillable: readonly string[]): TripRemedy[] {
  const coarse = { ...input, stepS: Math.max(COARSE_S, input.stepS) }
  const before = runTrip(coarse)
  const [first] = before.outages
  if (!first) return []
  const was = missing(before)
  return candidates(input, fillable, first.sourceId)
    .map(([edit, words, change]): TripRemedy => {
      const after = runTrip({ ...change(coarse), stepS: coarse.stepS })
      const missingKg = missing(after)
      return {
        edit,
        words,
        removes: !after.outages.some(({ sourceId, cause }) => sourceId === first.sourceId && cause === first.cause),
        firstOutageS: after.outages[0]?.fromS ?? null,
        usedKg: after.usedKg,
        missingKg,
        savesKg: was - missingKg,
      }
    })
    .filter(({ savesKg }) => savesKg > was * 0.01)
    .map((remedy, i) => ({ remedy, i }))
    .sort(
      (a, b) =>
        Number(a.remedy.firstOutageS !== null) - Number(b.remedy.firstOutageS !== null) ||
        Number(b.remedy.removes) - Number(a.remedy.removes) ||
        // Those that remove the outage stay in order of effort; the others are sorted by gas saved.
        (a.remedy.removes && b.remedy.removes ? a.i - b.i : b.remedy.savesKg - a.remedy.savesKg),
    )
    .map(({ remedy }) => remedy)
}
