import type { DisplayRole } from '@/core/base/quantity'
import type { GraphPart, LineGraph } from '@/core/hookup/line/lineGraph'
import type { PartFlow } from './lineFlow'

/** An appliance as the line feeds it. */
export interface ApplianceFlow {
  part: GraphPart
  burning: boolean
  live: boolean
  staticGaugePa: number
  flowingGaugePa: number
  /** Least gauge pressure it needs while burning. */
  requiredGaugePa: number
  /** It burns and gets less pressure than it needs. */
  starves: boolean
}

/**
 * What each appliance gets.
 *
 * @param graph - of the line
 * @param flow - from lineFlow
 */
export function applianceFlow(graph: LineGraph, flow: ReadonlyMap<string, PartFlow>): ApplianceFlow[] {
  return graph.sortFindings.flatMap((part) => {
    const { appliance } = part.type
    const at = flow.get(part.part.id)
    if (!appliance || !at) return []
    const burning = at.flowW > 0
    return {
      part,
      burning,
      live: at.live,
      staticGaugePa: at.staticGaugePa,
      flowingGaugePa: at.inletGaugePa,
      requiredGaugePa: appliance.minGaugePa,
      starves: burning && at.inletGaugePa < appliance.minGaugePa,
    }
  })
}

/** Pressures from here on are shown in psi, lower ones in inches of water. */
const PSI_FROM_PA = 5000

/** Display role of an appliance's pressures, by the pressure it needs. */
export function pressureDisplayRole(requiredGaugePa: number): DisplayRole {
  return requiredGaugePa > PSI_FROM_PA ? 'cylinderPressure' : 'linePressure'
}
