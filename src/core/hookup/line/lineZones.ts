import type { GraphPart, LineGraph } from './lineGraph'
import { zoneFacts, type Zone } from '@/core/hookup/catalogue/zone'

/** Pressure zone at the inlet and outlet of a part; null without gas. */
export interface PartZones {
  inlet: Zone | null
  outlet: Zone | null
}

/** By the identifier of the part. */
export type LineZones = ReadonlyMap<string, PartZones>

const atSource = ({ type }: GraphPart): Zone => (type.gas === 'co2' ? 'co2-cylinder' : 'cylinder')

/** The higher of two zones, a regulator's own setting counting only below what comes in. */
const higher = (one: Zone, other: Zone): Zone =>
  zoneFacts[one].mostGaugePa >= zoneFacts[other].mostGaugePa ? one : other

function afterRegulator(part: GraphPart, inlet: Zone): Zone {
  const set = part.type.regulator?.outlet
  if (!set || zoneFacts[set].gas !== zoneFacts[inlet].gas) return inlet
  return zoneFacts[set].mostGaugePa < zoneFacts[inlet].mostGaugePa ? set : inlet
}

/**
 * Pressure zone of every part, from the sources down, lowered by each regulator. Where two feeds meet the higher
 * one counts, since it is present as soon as its valve opens.
 *
 * @returns by part identifier
 */
export function lineZones(graph: LineGraph): Map<string, PartZones> {
  const found = new Map<string, PartZones>()
  const sources = new Set(graph.sources)
  for (const part of graph.sortFindings) {
    const fed = part.into.flatMap(({ from }) => found.get(from.part.id)?.outlet ?? [])
    const own = sources.has(part) ? [atSource(part)] : []
    const [first, ...rest] = [...own, ...fed]
    const inlet = first ? rest.reduce(higher, first) : null
    found.set(part.part.id, { inlet, outlet: inlet && afterRegulator(part, inlet) })
  }
  return found
}
