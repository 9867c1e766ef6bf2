import type { Fault } from '@/core/practice/faults/faults'
import type { FaultContext } from '@/core/practice/faults/faultKind'
import type { RigState } from '@/core/practice/rig/rigState'

/** What a person does in a check. Each is allowed to an owner or is not; none that is not may be asked for. */
export const checkActs = {
  look: { isAllowed: true, lightsFlame: false },
  recall: { isAllowed: true, lightsFlame: false },
  listen: { isAllowed: true, lightsFlame: false },
  lift: { isAllowed: true, lightsFlame: false },
  'turn-cylinder-valve': { isAllowed: true, lightsFlame: false },
  'press-primer': { isAllowed: true, lightsFlame: false },
  'light-burner': { isAllowed: true, lightsFlame: true },
  soap: { isAllowed: true, lightsFlame: false },
  'measure-at-test-port': { isAllowed: true, lightsFlame: true },
  'read-volts': { isAllowed: true, lightsFlame: false },
  wait: { isAllowed: true, lightsFlame: true },
  'flame-at-joint': { isAllowed: false, lightsFlame: true },
  'open-fitting': { isAllowed: false, lightsFlame: false },
  'bypass-safety': { isAllowed: false, lightsFlame: false },
  'wrench-on-vessel': { isAllowed: false, lightsFlame: false },
  'heat-cylinder': { isAllowed: false, lightsFlame: true },
  'turn-regulator-screw': { isAllowed: false, lightsFlame: false },
  'open-orifice': { isAllowed: false, lightsFlame: false },
  'open-inside-filter': { isAllowed: false, lightsFlame: false },
  'measure-at-jet-port': { isAllowed: false, lightsFlame: true },
  'remove-pilot-sensor': { isAllowed: false, lightsFlame: false },
  'open-inside-piping': { isAllowed: false, lightsFlame: false },
} as const

export type CheckAct = keyof typeof checkActs

export interface CheckOutcome {
  id: string
  label: string
}

/** A question to the owner, with what each fault would answer. */
export interface Check {
  id: string
  ask: string
  how: string
  minutes: number
  acts: readonly CheckAct[]
  outcomes: readonly CheckOutcome[]
  /** Its answer speaks for a fault without ruling another out: it tells no two faults apart. */
  isHint?: boolean
  /** Part that it looks at, for the drawing. */
  partId?: string
  /**
   * Chance of each outcome on a rig with these faults, as the model of the rig answers.
   *
   * @returns by the id of the outcome; 0 for outcomes not listed
   */
  predict: (state: RigState, faults: readonly Fault[]) => Readonly<Record<string, number>>
}

/** Checks of one sort for a rig; none where they make no sense on it. */
export type CheckFamily = (context: FaultContext) => readonly Check[]

/** The outcome that a state shows without doubt. */
export const certain = (outcome: string): Readonly<Record<string, number>> => ({ [outcome]: 1 })

export const lightsFlame = ({ acts }: Pick<Check, 'acts'>): boolean => acts.some((act) => checkActs[act].lightsFlame)

/** An answer of the owner; `cannot-tell` says nothing about any fault. */
export interface Answer {
  check: string
  outcome: string
}

export const CANNOT_TELL = 'cannot-tell'
