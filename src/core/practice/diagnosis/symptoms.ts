import { applianceTraits } from '@/core/appliances/applianceKinds'
import type { FaultContext } from '@/core/practice/faults/faultKind'
import { type AttemptOutcome, tryAppliance } from '@/core/practice/readings/attempt'
import { kindOfPart } from '@/core/practice/rig/applianceBehavior'
import { currentPart, type RigState } from '@/core/practice/rig/rigState'
import { frostAt } from './supplyChecks'

/** What brings an owner to the diagnosis. */
export const symptoms = {
  'no-gas': 'Nothing lights anywhere',
  'one-dead': 'One appliance does not light',
  weak: 'Flames are weak',
  'flame-wrong': 'A flame is yellow, lifts, pops or surges',
  'pilot-drops': 'A pilot goes out',
  smell: 'Smell of gas outside, at the cylinders',
  frost: 'Frost on a cylinder, hose or regulator',
  'stops-at-night': 'The heat stops at night',
  chirp: 'An alarm chirps once a minute',
} as const

export type SymptomId = keyof typeof symptoms

export const symptomIds = Object.keys(symptoms) as [SymptomId, ...SymptomId[]]

const silent: readonly AttemptOutcome[] = ['dead', 'quiet', 'hiss', 'no-spark', 'late']
const odd: readonly AttemptOutcome[] = ['yellow', 'tall', 'popping', 'surging']
const dropping: readonly AttemptOutcome[] = ['drops', 'drops-later']

/**
 * Symptoms that a rig in a state shows, each appliance tried on its own.
 *
 * @param context - of the rig
 * @param state - with its faults
 */
export function symptomsOf({ rig, graph, appliances, outlets }: FaultContext, state: RigState): ReadonlySet<SymptomId> {
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
  if (
    frostAt(
      state,
      graph.parts.map(({ part }) => part.id),
    ) !== 'none'
  )
    found.add('frost')
  const heats = attempts.filter(({ part }) => applianceTraits[kindOfPart(rig, part)].isHeater)
  if (heats.some(({ outcome }) => outcome !== 'good')) found.add('stops-at-night')
  if (state.alarmChirps !== null) found.add('chirp')
  return found
}

/** Emergency sheets that the diagnosis can end in. */
export type EmergencyId = 'gas' | 'co' | 'fire' | 'joint' | 'relief' | 'co2'

/** Signs of danger: any of them, at any moment, ends the search. They are asked about first and stay on the screen. */
export const dangerSigns = {
  'smell-inside': { label: 'Smell of gas inside, or the gas alarm sounds', sheet: 'gas' },
  'co-alarm': { label: 'The CO alarm sounds: four beeps and a pause', sheet: 'co' },
  unwell: { label: 'Somebody has a headache, is sick, dizzy or sleepy', sheet: 'co' },
  soot: { label: 'Soot, or a yellow flame inside', sheet: 'co' },
  'pilot-in-closed-room': { label: 'A heater’s pilot went out in a closed room', sheet: 'co' },
  'flame-at-joint': { label: 'A flame at a joint, a hose or a valve', sheet: 'joint' },
  'hiss-valve-shut': { label: 'It hisses although the cylinder valve is shut', sheet: 'relief' },
  'co2-inside': { label: 'CO2 hisses or has emptied inside', sheet: 'co2' },
} as const satisfies Readonly<Record<string, { label: string; sheet: EmergencyId }>>

export type DangerSign = keyof typeof dangerSigns

export const dangerSignIds = Object.keys(dangerSigns) as [DangerSign, ...DangerSign[]]
