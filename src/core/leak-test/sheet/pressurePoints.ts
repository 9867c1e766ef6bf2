import { roleTraits } from '@/core/hookup/catalogue/partRoles'
import { type GraphPart, type LineGraph, upstreamParts, wayTo } from '@/core/hookup/line/lineGraph'
import type { LineZones } from '@/core/hookup/line/lineZones'

/** What proves that a place was under pressure when it was soaped: any one of these. */
export interface ProvedBy {
  /** Pressure places whose gauge tells it. */
  gauge: string[]
  /** Pressure places whose burner tells it. */
  burner: string[]
}

/** A place where the pressure of a line is proved before it is soaped. */
export interface PressurePoint {
  id: string
  part: GraphPart
  /** Behind the regulator; else at a cylinder. */
  isBehindRegulator: boolean
  provedBy: ProvedBy
}

const supplyPoint = (id: string): string => `pressure ${id}`
const lowPoint = (id: string): string => `pressure-behind ${id}`

/** A cylinder that something is joined to; one that stands alone has no line to prove. */
const isSupply = ({ type, outOf }: GraphPart): boolean => roleTraits[type.role].isSource && outOf.length > 0

const suppliesOf = (part: GraphPart): string[] =>
  wayTo(part)
    .filter(isSupply)
    .map(({ part: { id } }) => supplyPoint(id))

/** A regulator whose outlet has the pressure of the appliances, or of what uses CO2. */
function lowersToUse({ part, type }: GraphPart, zones: LineZones): boolean {
  const at = zones.get(part.id)
  if (!at?.inlet || !at.outlet || at.inlet === at.outlet) return false
  return type.gas === 'co2' || at.outlet === 'low'
}

/**
 * Where the pressure of a line is proved: at each cylinder, and behind each regulator.
 *
 * @param graph - of the line
 * @param zones - of its parts
 */
export function pressurePoints(graph: LineGraph, zones: LineZones): PressurePoint[] {
  const supplies = graph.sortFindings.filter((part) => isSupply(part) && zones.get(part.part.id)?.inlet)
  const regulators = graph.sortFindings.filter((part) => lowersToUse(part, zones))
  return [
    ...supplies.map((part) => {
      const id = supplyPoint(part.part.id)
      return { id, part, isBehindRegulator: false, provedBy: { gauge: [id], burner: [id] } }
    }),
    ...regulators.map((part) => {
      const id = lowPoint(part.part.id)
      return { id, part, isBehindRegulator: true, provedBy: { gauge: [id], burner: [id, ...suppliesOf(part)] } }
    }),
  ]
}

/**
 * What proves the pressure at a part: before the regulators the gauge of a cylinder that feeds it, behind one the gauge
 * there, and anywhere a burner that burns steadily on such a cylinder.
 *
 * @param part - of the line
 * @param points - of the line
 * @param zones - of its parts
 */
export function provedByOf(part: GraphPart, points: readonly PressurePoint[], zones: LineZones): ProvedBy {
  const above = new Set(upstreamParts(part))
  const behind = points.filter((point) => point.isBehindRegulator && above.has(point.part))
  const supplies = suppliesOf(part)
  const zone = zones.get(part.part.id)?.inlet
  const isAtCylinder = zone === 'cylinder' || zone === 'co2-cylinder'
  const below = points.filter((point) => point.isBehindRegulator && upstreamParts(point.part).includes(part))
  // Between two regulators the gauge behind the last tells it.
  const gauges = behind.length > 0 ? behind : isAtCylinder ? [] : below
  return {
    gauge: gauges.length > 0 ? gauges.map(({ id }) => id) : isAtCylinder ? supplies : [],
    burner: [...behind.map(({ id }) => id), ...supplies],
  }
}
