import { isFrosted } from '@/core/run/simulation/runningSource'
import { hasMark, type RigState, sourcesInUse, stateGraph } from '@/core/practice/rig/rigState'

/** A cylinder so much colder than the air was chilled by its draw, K. */
const CHILLED_K = 2

/**
 * Where a rig shows frost: past the valve by liquid in the line, on a regulator that iced, or on the lower part of a
 * cylinder that a long draw has chilled.
 *
 * @param state - of the rig
 */
export function frostAt(state: RigState): 'none' | 'cylinder' | 'regulator' | 'past-valve' {
  const { rig, sources } = state
  const graph = stateGraph(state)
  const used = sourcesInUse(graph).flatMap(({ part }) => sources[part.id] ?? [])
  if (used.some(({ isTipped }) => isTipped)) return 'past-valve'
  if (graph.parts.some(({ part }) => hasMark(state, part.id, 'iced'))) return 'regulator'
  const isChilled = used.some(({ liquidK }) => isFrosted(liquidK, rig.outsideK) && liquidK < rig.outsideK - CHILLED_K)
  return isChilled ? 'cylinder' : 'none'
}
