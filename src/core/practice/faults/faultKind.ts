import type { GraphPart, LineGraph } from '@/core/hookup/line/lineGraph'
import type { LineZones } from '@/core/hookup/line/lineZones'
import type { PracticeRig } from '@/core/practice/rig/practiceRig'
import type { RigState } from '@/core/practice/rig/rigState'

/** A rig with its line ready to be searched for places of faults. */
export interface FaultContext {
  rig: PracticeRig
  graph: LineGraph
  zones: LineZones
  appliances: readonly GraphPart[]
  /** What uses gas without burning it. */
  outlets: readonly GraphPart[]
}

/** Where a fault sits: a part, or a joint at a part. */
export interface FaultPlace {
  /** Identifier of the part or of the joint. */
  at: string
  /** Part that is shown on the drawing. */
  partId: string
  name: string
}

/** When trouble usually begins with a fault. */
export const onsets = [
  'after-opening',
  'after-refill',
  'after-new-part',
  'after-road',
  'after-storage',
  'slowly',
  'cold-or-long',
  'rain',
  'suddenly',
] as const

export type Onset = (typeof onsets)[number]

/** Who repairs a fault. */
export interface Repair {
  by: 'owner' | 'technician'
  /** What the owner does, in order. */
  steps: readonly string[]
  /** What to tell the technician. */
  tell?: string
}

/** Station of the product that a fault of a part belongs to. */
export type FaultStation = 'cylinders' | 'hookup' | 'heat' | 'run'

/** A kind of fault, as data. */
export interface FaultKind {
  label: string
  /** Rough share of 100 calls for all its places together. [common practice] */
  weight: number
  station: FaultStation
  onset: readonly Onset[]
  repair: Repair
  /** Emergency sheet that it ends in at once; absent where there is time to search. */
  emergency?: 'gas' | 'co' | 'relief' | 'co2'
  /** Whether it is normal and only takes patience or a longer hold. */
  isNormal?: boolean
  /** Where it can sit on a rig; none where it cannot exist. */
  places: (context: FaultContext) => readonly FaultPlace[]
  /** The rig with the fault. */
  apply: (state: RigState, place: FaultPlace, context: FaultContext) => RigState
}

export const placeOf = ({ part, name }: GraphPart): FaultPlace => ({ at: part.id, partId: part.id, name })
