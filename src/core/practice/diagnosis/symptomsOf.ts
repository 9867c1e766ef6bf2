import { applianceTraits } from '@/core/appliances/applianceKinds'
import type { FaultContext } from '@/core/practice/faults/faultKind'
import { type AttemptOutcome, tryAppliance } from '@/core/practice/readings/attempt'
import { kindOfPart } from '@/core/practice/rig/applianceBehavior'
import { currentPart, type RigState } from '@/core/practice/rig/rigState'
import { frostAt } from '@/core/practice/readings/frost'

import type { SymptomId } from './symptoms'

const silent: readonly AttemptOutcome[] = ['dead', 'quiet', 'hiss', 'no-spark', 'late']
const odd: readonly AttemptOutcome[] = ['yellow', 'tall', 'popping', 'surging']
const dropping: readonly AttemptOutcome[] = ['drops', 'drops-later']

/**
 * Symptoms that a rig in a state shows, each appliance tried on its own.
 *
 * @param context - of the rig
 * @param state - with its faults
 */
export function symptomsOf({ rig, appliances, outlets }: FaultContext, state: RigState): ReadonlySet<SymptomId> {
  const attempts = [...appliances, ...outlets].map((part) => ({
    part,
    outcome: tryAppliance(state, currentPart(state, part)),
  }))
  const having = (outcomes: readonly AttemptOutcome[]) => attempts.filter(({ outcome }) => outcomes.includes(outcome))
  const dark = having(silent)
  const found = new Set<SymptomId>()
  if (dark.length > 0 && dark.length === attempts.length) found.add('no-gas')
  // A rig with one appliance is dead as a whole and at that appliance.
  if (dark.length > 0 && (dark.length < attempts.length || attempts.length === 1)) found.add('one-dead')
  if (having(['weak']).length > 0) found.add('weak')
  if (having(odd).length > 0) found.add('flame-wrong')
  if (having(dropping).length > 0) found.add('pilot-drops')
  if (state.leaks.some(({ inside }) => !inside)) found.add('smell')
  if (frostAt(state) !== 'none') found.add('frost')
  const heats = attempts.filter(({ part }) => applianceTraits[kindOfPart(rig, part)].isHeater)
  if (heats.some(({ outcome }) => outcome !== 'good')) found.add('stops-at-night')
  if (state.alarmChirps !== null) found.add('chirp')
  return found
}
