import { InputError } from '@/core/base/InputError'
import { lineZones } from '@/core/hookup/line/lineZones'
import { appliancesOf, outletsOf } from '@/core/practice/rig/applianceBehavior'
import { practiceGraph, type PracticeRig } from '@/core/practice/rig/practiceRig'
import { type RigState, soundState } from '@/core/practice/rig/rigState'
import { applianceFaults } from './applianceFaults'
import type { FaultContext, FaultKind, FaultPlace } from './faultKind'
import { lineFaults } from './lineFaults'
import { supplyFaults } from './supplyFaults'

const kinds = { ...supplyFaults, ...lineFaults, ...applianceFaults }

export type FaultKindId = keyof typeof kinds

/** Every kind of fault: a new kind is one entry in its file. */
export const faultKinds: Readonly<Record<FaultKindId, FaultKind>> = kinds

export const faultKindIds = Object.keys(kinds) as [FaultKindId, ...FaultKindId[]]

/** A fault at a place of a rig. */
export interface Fault {
  kind: FaultKindId
  place: FaultPlace
}

/** How a fault is named in input: its kind, and its part or joint where there are several. */
export interface NamedFault {
  kind: FaultKindId
  at?: string
}

export const faultKey = ({ kind, place }: Fault): string => `${kind} ${place.at}`

/** The rig as faults need it. */
export function faultContext(rig: PracticeRig): FaultContext {
  const graph = practiceGraph(rig)
  return { rig, graph, zones: lineZones(graph), appliances: appliancesOf(graph), outlets: outletsOf(graph) }
}

/** Every fault that can exist on a rig. */
export function possibleFaults(context: FaultContext): Fault[] {
  return faultKindIds.flatMap((kind) => faultKinds[kind].places(context).map((place) => ({ kind, place })))
}

/**
 * A fault of the rig by its name.
 *
 * @param context - of the rig
 * @param named - kind, and place where the kind has several
 * @param path - of the input field
 * @throws InputError when this fault cannot exist on this rig
 */
export function findFault(context: FaultContext, { kind, at }: NamedFault, path: string): Fault {
  const { label, places } = faultKinds[kind]
  const found = places(context)
  const place = at === undefined ? found[0] : found.find((one) => one.at === at)
  if (place) return { kind, place }
  const where = found.map((one) => `“${one.at}”`).join(', ')
  throw new InputError(
    path,
    found.length === 0
      ? `This rig cannot have this fault: ${label.toLowerCase()}.`
      : `This fault is possible only at: ${where}.`,
  )
}

/** The rig with some faults, starting from the rig with nothing wrong. */
export function faultedState(context: FaultContext, faults: readonly Fault[]): RigState {
  return faults.reduce(
    (state, { kind, place }) => faultKinds[kind].apply(state, place, context),
    soundState(context.rig),
  )
}

/** Whether a word names a kind of fault. */
export const isFaultKind = (kind: string): kind is FaultKindId => Object.hasOwn(kinds, kind)

/** Label of a stored fault; its identifier for one of a later version. */
export const faultLabelOf = (kind: string): string => (isFaultKind(kind) ? faultKinds[kind].label : kind)
