import { roleTraits } from '@/core/hookup/catalogue/partRoles'
import type { GraphPart, LineGraph } from './lineGraph'

/** A branch that can be shut off: everything after one outlet of a tee. */
export interface LineBranch {
  id: string
  /** The appliances on it. */
  name: string
}

function appliancesBehind(part: GraphPart): string[] {
  return part.type.role === 'appliance' ? [part.name] : part.outOf.flatMap(({ to }) => appliancesBehind(to))
}

/** Branches with a single appliance; a line without a tee has none. */
export function lineBranches(graph: LineGraph): LineBranch[] {
  if (graph.ring.length > 0) return []
  return graph.sortFindings
    .filter(({ type, outOf }) => roleTraits[type.role].divides && outOf.length > 1)
    .flatMap(({ outOf }) => outOf)
    .map(({ joint, to }) => ({ id: joint.id, names: appliancesBehind(to) }))
    .filter(({ names }) => names.length === 1)
    .map(({ id, names }) => ({ id, name: names.join(', ') }))
}
