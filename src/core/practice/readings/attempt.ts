import { applianceInputW, isShut } from '@/core/hookup/line/lineGraph'
import type { GraphPart } from '@/core/hookup/line/lineGraph'
import { fromUnit } from '@/core/units/convert'
import { behaviorOf, needsBattery } from '@/core/practice/rig/applianceBehavior'
import { hasMark, type RigState, soundState, sourcesInUse } from '@/core/practice/rig/rigState'
import { isBatteryFlat } from './signs'
import { lineReading, type LineReading, ratedGaugePa } from './lineReading'

/**
 * What happens when somebody tries to light an appliance.
 *
 * - `dead`: no hiss, no flame · `quiet`: it does nothing at all · `hiss`: gas comes and does not light
 * - `no-spark`: gas comes and no spark · `late`: nothing yet, it lights after a wait
 * - `drops`: out when the knob is let go · `drops-later`: out after some minutes
 */
export const attemptOutcomes = [
  'good',
  'weak',
  'dead',
  'quiet',
  'hiss',
  'no-spark',
  'late',
  'drops',
  'drops-later',
  'yellow',
  'tall',
  'popping',
  'surging',
] as const

export type AttemptOutcome = (typeof attemptOutcomes)[number]

export const attemptLabels: Readonly<Record<AttemptOutcome, string>> = {
  good: 'burns as usual',
  weak: 'small, weak flame',
  dead: 'no hiss and no flame',
  quiet: 'no click, no fan, no flame',
  hiss: 'a hiss, but it does not light',
  'no-spark': 'a hiss, but no spark',
  late: 'nothing yet',
  drops: 'lights, then goes out when the knob is let go',
  'drops-later': 'lights, then goes out after some minutes',
  yellow: 'yellow flame',
  tall: 'tall, roaring flame that lifts',
  popping: 'pops and burns yellow at the edge',
  surging: 'the flame surges up and down',
}

/** A flame under this share of its heat is called weak. */
const WEAK_SHARE = 0.85
/** Under this there is no flame to see. */
const OUT_SHARE = 0.2
/** Over this share of the rated pressure flames lift off. */
const TALL_SHARE = 1.25
/** Oxygen at which a cut-off shuts the gas. [common practice] */
export const CUT_OFF_SHARE = 0.18
/** Highest place for an oxygen cut-off. [common practice] */
export const CUT_OFF_ALTITUDE_M = fromUnit(7000, 'length', 'ft')

/** What the gas alone does at an appliance, whatever lights it. */
function flameAt(state: RigState, part: GraphPart, reading: LineReading): AttemptOutcome {
  const { id } = part.part
  const { appliance } = part.type
  const flow = reading.parts.get(id)
  if (!appliance || !flow?.live) return 'dead'
  const ratedPa = ratedGaugePa(appliance)
  const share = (reading.burnedW.get(id) ?? 0) / applianceInputW(part)
  if (share < OUT_SHARE) return 'dead'
  if (hasMark(state, id, 'wrong-orifice')) return 'yellow'
  if (hasMark(state, id, 'flue-blocked')) return 'yellow'
  if (hasMark(state, id, 'nest')) return 'popping'
  if (!appliance.ownRegulator && flow.outletGaugePa > ratedPa * TALL_SHARE) return 'tall'
  return share < WEAK_SHARE ? 'weak' : 'good'
}

function holdsAir(state: RigState, reading: LineReading): boolean {
  const used = sourcesInUse(reading.graph).filter((source) => !isShut(source))
  return used.some(({ part }) => state.sources[part.id]?.holdsAir)
}

function isLiquidIn(state: RigState, reading: LineReading): boolean {
  return sourcesInUse(reading.graph).some((source) => !isShut(source) && state.sources[source.part.id]?.isTipped)
}

/** Outcomes found for a state: every check asks for the same ones. */
const found = new WeakMap<RigState, Map<string, AttemptOutcome>>()

/**
 * Outcome of lighting one appliance with all others off.
 *
 * @param state - of the rig
 * @param part - the appliance
 */
export function tryAppliance(state: RigState, part: GraphPart): AttemptOutcome {
  const outcomes = found.get(state) ?? new Map<string, AttemptOutcome>()
  found.set(state, outcomes)
  const outcome = outcomes.get(part.part.id) ?? attempt(state, part)
  outcomes.set(part.part.id, outcome)
  return outcome
}

/** An outlet of CO2 against what the sound rig gives it. */
function outletAttempt(state: RigState, id: string): AttemptOutcome {
  const soundPa = lineReading(soundState(state.rig), {}).parts.get(id)?.staticGaugePa ?? 0
  const nowPa = lineReading(state, {}).parts.get(id)?.staticGaugePa ?? 0
  if (nowPa < soundPa * OUT_SHARE) return 'dead'
  return nowPa < soundPa * WEAK_SHARE ? 'weak' : 'good'
}

function attempt(state: RigState, part: GraphPart): AttemptOutcome {
  const { id } = part.part
  if (part.type.role !== 'appliance') return outletAttempt(state, id)
  const behavior = behaviorOf(state.rig, part)
  if (hasMark(state, id, 'electric-mode')) return 'quiet'
  if (needsBattery(state.rig, part) && isBatteryFlat(state)) return 'quiet'
  const reading = lineReading(state, { [id]: 1 })
  const flame = flameAt(state, part, reading)
  if (flame === 'dead') return 'dead'
  if (hasMark(state, id, 'igniter-dead')) return 'no-spark'
  if (hasMark(state, id, 'cold-start')) return 'late'
  if (state.airInLineM3 > 0 || holdsAir(state, reading)) return 'hiss'
  if (behavior.hasPilotSensor && (hasMark(state, id, 'sensor-dirty') || hasMark(state, id, 'held-short')))
    return 'drops'
  if (behavior.hasOxygenCutOff) {
    if (state.oxygenShare <= CUT_OFF_SHARE || hasMark(state, id, 'thin-air')) return 'drops-later'
  }
  return isLiquidIn(state, reading) ? 'surging' : flame
}
