import type { Finding } from '@/core/findings/Finding'
import { freePorts, type GraphPart } from '@/core/hookup/line/lineGraph'
import { roleTraits } from '@/core/hookup/catalogue/partRoles'
import { makeFinding } from '@/core/findings/makeFinding'
import type { LineCase } from './lineCase'

/** A valve offers its outlet in two shapes, but a part's other ways out are each an opening of its own. */
function openEnds({ lineId, graph }: LineCase): Finding[] {
  const unreachableParts = new Set(graph.unreachableParts)
  return graph.parts
    .filter((part) => !unreachableParts.has(part.part.id) && freePorts(part).length > 0)
    .map((part) =>
      makeFinding('hookup', 'open-end', {
        subjectId: lineId,
        text: '{part} ends in the open.',
        reason: 'A shut valve is not a plug. Put a plug or cap on it, or join what belongs there.',
        parts: { part: part.name },
        about: part.part.id,
      }),
    )
}

/** Gases of the sources that feed a part. */
function gasesAt(graph: LineCase['graph']): Map<GraphPart, Set<string>> {
  const gases = new Map<GraphPart, Set<string>>()
  const sources = new Set(graph.sources)
  for (const part of graph.sortFindings) {
    const here = new Set<string>(sources.has(part) ? [part.type.gas] : [])
    for (const { from } of part.into) for (const gas of gases.get(from) ?? []) here.add(gas)
    gases.set(part, here)
  }
  return gases
}

function wrongGas({ lineId, graph }: LineCase): Finding[] {
  const gases = gasesAt(graph)
  return graph.sortFindings.flatMap((part) => {
    const here = gases.get(part) ?? new Set<string>()
    // Reported where two gases meet or enter a part made for the other, not at every part downstream.
    const meets = here.size > 1 && part.into.every(({ from }) => (gases.get(from)?.size ?? 0) < 2)
    const { gas } = part.type
    const foreign = gas !== 'any' && here.size > 0 && !here.has(gas)
    const first = part.into.every(({ from }) => from.type.gas === 'any' || gases.get(from)?.has(from.type.gas))
    if (!meets && !(foreign && first)) return []
    return [
      makeFinding('hookup', meets ? 'two-gases' : 'wrong-gas', {
        subjectId: lineId,
        text: meets ? 'Two gases meet in {part}.' : '{part} is not for the gas that comes to it.',
        reason: 'Propane and CO2 never share a line, a hose or a regulator.',
        parts: { part: part.name },
        about: part.part.id,
      }),
    ]
  })
}

/**
 * Findings about structure: cycles, unconnected parts, open ends, two gases.
 *
 * @param lineCase - the line to check
 */
export function structureFindings(lineCase: LineCase): Finding[] {
  const { lineId, graph } = lineCase
  const found: Finding[] = []
  const [ringPart] = graph.ring
  if (ringPart !== undefined) {
    found.push(
      makeFinding('hookup', 'line-ring', {
        subjectId: lineId,
        text: 'The line comes round to itself at {part}.',
        reason: 'Nobody can say which way the gas goes in a ring, so its pressures are not judged. Take one joint out.',
        parts: { part: graph.byId.get(ringPart)?.name ?? '' },
        about: ringPart,
      }),
    )
  }
  for (const id of graph.unreachableParts) {
    const part = graph.byId.get(id)
    if (!part) continue
    found.push(
      makeFinding('hookup', 'not-fed', {
        subjectId: lineId,
        text: '{part} hangs on nothing that holds gas.',
        reason: 'What stands in front of it is not drawn, so its pressure is unknown. Join it, or take it out.',
        parts: { part: part.name },
        about: id,
      }),
    )
  }
  const ends = graph.parts.some(({ type }) => roleTraits[type.role].isEnd && type.role !== 'plug')
  if (graph.parts.length > 0 && !ends) {
    found.push(
      makeFinding('hookup', 'line-unfinished', {
        subjectId: lineId,
        text: 'The line ends in nothing that uses gas.',
        reason: 'What is not drawn is not judged.',
      }),
    )
  }
  return [...found, ...openEnds(lineCase), ...wrongGas(lineCase)]
}
