import type { Phrase } from '@/core/base/quantity'
import type { Station } from '@/core/findings/Finding'
import type { SymptomId, EmergencyId } from '@/core/practice/diagnosis/symptoms'
import type { Fault } from '@/core/practice/faults/faults'
import type { FaultContext } from '@/core/practice/faults/faultKind'
import type { PracticeRig } from '@/core/practice/rig/practiceRig'
import type { Bench } from './bench'
import type { BenchDeed } from './benchAction'

/** Something that only this drill offers to do. */
export interface DrillChoice {
  id: string
  label: string
  /** What comes of it. */
  saw: string
  /** It ends the drill, for this reason. */
  bad?: string
  /** What it changes on the bench. */
  change?: (bench: Bench) => Bench
}

/** A choice that ends the drill. */
export const badChoice = (id: string, label: string, reason: string): DrillChoice => ({
  id,
  label,
  saw: '',
  bad: reason,
})

/** Something that has to be so at a good end. */
export interface DrillNeed {
  text: string
  isMet: (bench: Bench) => boolean
}

/** A drill as it begins for one seed. */
export interface Scene {
  /** Changed from the owner's rig as the drill needs: weather, altitude, a longer hose. */
  rig: PracticeRig
  faults: readonly Fault[]
  start: Partial<Bench>
  story: readonly Phrase[]
  choices: readonly DrillChoice[]
  needs: readonly DrillNeed[]
  /** What an expert does first, in order; absent where the diagnosis of the faults gives the order. */
  expert?: readonly string[]
  /** Why that is right. */
  reasons: readonly string[]
  /** What the owner would say at the diagnosis. */
  symptom: SymptomId | null
}

/** A kind of drill: each seed gives another scene. */
export interface DrillKind {
  title: string
  about: string
  station: Station
  /** Emergency sheet that it trains. */
  sheet?: EmergencyId | 'driving'
  /** Deeds that the bench offers beside the usual ones. */
  deeds?: readonly BenchDeed[]
  /** The scene on a rig; null where this rig cannot have it. */
  scene: (context: FaultContext, random: () => number) => Scene | null
}

export const said = (text: string, parts: NonNullable<Phrase['parts']> = {}): Phrase => ({ text, parts })
