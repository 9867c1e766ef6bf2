import { fromInches, fromUnit } from '@/core/units/convert'
import { applianceFlow } from './applianceFlow'
import type { Line, LinePart } from '@/core/hookup/line/line'
import { lineFlow, type FlowConditions } from './lineFlow'
import { lineGraph, type GraphPart, type LineGraph, upstreamParts } from '@/core/hookup/line/lineGraph'
import type { PartType } from '@/core/hookup/catalogue/partType'

/** One change that gives every burning appliance its pressure, or comes closest to it. */
export interface StarvationRemedy {
  part: GraphPart
  change: { kind: 'bore'; boreM: number } | { kind: 'regulator'; ratedW: number }
  /** Appliances that starve still. */
  stillStarving: number
}

/** Inside diameters on the market, smallest first. [from memory] */
const boresM = [0.1875, 0.25, 0.311, 0.375, 0.436, 0.493, 0.622, 0.824].map(fromInches)
const ratingsW = [70_000, 160_000, 200_000, 400_000].map((number) => fromUnit(number, 'power', 'btuh'))

/** Runs that are tried, the worst first. */
const MAX_RUNS = 6

function withType(line: Line, part: LinePart, type: PartType): Line {
  const own = { ...type, id: `${type.id}*` }
  return {
    ...line,
    types: [...line.types.filter(({ id }) => id !== own.id), own],
    parts: line.parts.map((other) => (other.id === part.id ? { ...part, typeId: own.id } : other)),
  }
}

const withBore = (line: Line, part: LinePart, boreM: number): Line => ({
  ...line,
  parts: line.parts.map((other) => (other.id === part.id ? { ...part, boreM } : other)),
})

function starving(line: Line, conditions: FlowConditions): number {
  const graph = lineGraph(line)
  return applianceFlow(graph, lineFlow(graph, conditions)).filter(({ starves }) => starves).length
}

/** The smallest of the sizes on offer with which fewest starve. */
function best<Size>(sizes: readonly Size[], candidates: (size: Size) => number): { size: Size; left: number } | null {
  let found: { size: Size; left: number } | null = null
  for (const size of sizes) {
    const left = candidates(size)
    if (found === null || left < found.left) found = { size, left }
    if (left === 0) break
  }
  return found
}

/**
 * Changes of one bore or regulator that fix a line with too little pressure, each computed; the best first.
 *
 * @param line - as drawn
 * @param graph - of it
 * @param conditions - under which it starves
 * @returns empty when no appliance is short of pressure, or no single change helps
 */
export function starvationRemedies(line: Line, graph: LineGraph, conditions: FlowConditions): StarvationRemedy[] {
  const flow = lineFlow(graph, conditions)
  const short = applianceFlow(graph, flow).filter(({ starves, live }) => starves && live)
  if (short.length === 0) return []
  const lost = (part: GraphPart): number => {
    const at = flow.get(part.part.id)
    return at ? at.inletGaugePa - at.outletGaugePa : 0
  }
  const above = [...new Set(short.flatMap(({ part }) => upstreamParts(part)))]
  // Only the runs with the largest pressure drop are tried, and every regulator.
  const runs = above
    .filter(({ lengthM, type }) => lengthM > 0 && !type.regulator)
    .toSorted((a, b) => lost(b) - lost(a))
    .slice(0, MAX_RUNS)
  const tries = [...runs, ...above.filter(({ type }) => type.regulator?.ratedW)]
  const candidates = tries.flatMap((part): StarvationRemedy[] => {
    if (part.type.regulator?.ratedW) {
      const { regulator } = part.type
      const larger = ratingsW.filter((ratedW) => ratedW > (regulator.ratedW ?? 0))
      const found = best(larger, (ratedW) =>
        starving(withType(line, part.part, { ...part.type, regulator: { ...regulator, ratedW } }), conditions),
      )
      return found ? [{ part, change: { kind: 'regulator', ratedW: found.size }, stillStarving: found.left }] : []
    }
    if (lost(part) <= 0) return []
    const wider = boresM.filter((boreM) => boreM > part.boreM * 1.01)
    const found = best(wider, (boreM) => starving(withBore(line, part.part, boreM), conditions))
    return found ? [{ part, change: { kind: 'bore', boreM: found.size }, stillStarving: found.left }] : []
  })
  return candidates
    .filter(({ stillStarving }) => stillStarving < short.length)
    .toSorted((a, b) => a.stillStarving - b.stillStarving)
}
