import type { GraphPart } from './lineGraph'
import type { Port } from '@/core/hookup/catalogue/partType'

/** Ports of a part that nothing is screwed to. */
export function freePorts({ type, into, outOf }: GraphPart): Port[] {
  const used = new Set([...into.map(({ toPort }) => toPort.id), ...outOf.map(({ fromPort }) => fromPort.id)])
  return type.ports.filter(({ id }) => !used.has(id))
}
