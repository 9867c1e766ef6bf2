import type { Verdict } from '@/core/findings/verdict'
import type { RigFacts } from './generatedRig'

/**
 * What a technician would say of each fact, written from the weights of findings that are common practice, and not from
 * the program:
 *
 * - `stop`: ends only when the fact changes
 * - `fix`: to be fixed; no reason makes it acceptable
 * - `may-accept`: to be fixed, or accepted with a reason
 */
type Weight = 'stop' | 'fix' | 'may-accept'

type Table = { [Fact in Exclude<keyof RigFacts, 'accepts'>]: Partial<Record<RigFacts[Fact], Weight>> }

const table: Table = {
  cylinder: {
    'out-of-service': 'stop',
    'leaks-at-its-foot': 'stop',
    overfilled: 'stop',
    overdue: 'may-accept',
    'date-unknown': 'may-accept',
    'never-looked-over': 'may-accept',
  },
  tare: { 'not-read': 'fix' },
  bottle: { 'refilled-throw-away': 'stop', 'heavier-throw-away': 'fix' },
  coAlarm: { missing: 'stop', 'past-its-date': 'fix', 'not-tested': 'fix' },
  propaneAlarm: { 'past-its-date': 'fix' },
  extinguisher: { 'past-its-date': 'may-accept' },
  leakTest: { never: 'fix', 'line-changed': 'fix', 'leak-open': 'stop' },
  holdTest: { fell: 'stop' },
  joint: { 'taped-flare': 'stop', 'bare-pipe-thread': 'may-accept' },
  line: { 'not-drawn': 'fix' },
  heater: {
    asleep: 'stop',
    'left-alone': 'stop',
    'not-certified': 'fix',
    'too-high': 'stop',
    'limit-unknown': 'may-accept',
    'hours-not-entered': 'may-accept',
  },
  openings: { shut: 'stop' },
  livingSpace: { 'cylinder-inside': 'stop' },
  gas: { short: 'may-accept' },
  stove: { heats: 'stop', 'burns-all-morning': 'fix' },
  nights: { 'not-entered': 'may-accept' },
  altitude: { 'not-entered': 'may-accept' },
}

/** Facts that do not exist in a rig that lacks what they are about, or that others change. */
function asItCounts(facts: RigFacts): RigFacts {
  const noLine: Partial<RigFacts> =
    facts.line === 'not-drawn' ? { joint: 'sound', leakTest: 'passed', holdTest: 'held' } : {}
  // At sea level every heater may burn.
  const atSea = facts.altitude === 'not-entered' && ['too-high', 'limit-unknown'].includes(facts.heater)
  // What may not be used holds no gas that counts: the trip is short as well, which weighs less than the stop.
  return { ...facts, ...noLine, ...(atSea && { heater: 'evening' as const }) }
}

/** The verdict by the table. */
export function verdictByTable(facts: RigFacts): Verdict {
  const counted = asItCounts(facts)
  const weights = (Object.keys(table) as (keyof Table)[]).flatMap((fact) => {
    const ofFact: Partial<Record<string, Weight>> = table[fact]
    return ofFact[counted[fact]] ?? []
  })
  if (weights.includes('stop')) return 'stop'
  if (weights.includes('fix')) return 'fix-first'
  if (weights.length === 0) return 'ready'
  return facts.accepts ? 'your-call' : 'fix-first'
}
