import { nameInSentence } from '@/core/cylinders/cylinderKind'
import { roleTraits } from '@/core/hookup/catalogue/partRoles'
import type { GraphJoint, GraphPart } from './lineGraph'

const shortName = ({ name }: GraphPart): string => name.split(',')[0] ?? name

/** The name without its sizes, unless the carrier is joined to two of that name. */
function endName(end: GraphPart, carrier: GraphPart): string {
  const joined = [...carrier.into.map(({ from }) => from), ...carrier.outOf.map(({ to }) => to)]
  const alike = joined.filter((part) => shortName(part) === shortName(end))
  return nameInSentence(alike.length > 1 ? end.name : shortName(end))
}

/**
 * Name by which an owner finds a joint: the hose or tube, and which of its ends, as “Left pigtail, at the left
 * cylinder”. The parts of a line carry different names, so no two joints of it are named alike.
 */
export function jointName({ from, to }: Pick<GraphJoint, 'from' | 'to'>): string {
  const [carrier, end] = roleTraits[from.type.role].isRun && !roleTraits[to.type.role].isRun ? [from, to] : [to, from]
  return `${carrier.name}, at the ${endName(end, carrier)}`
}
