import { type Finding, sortFindings } from '@/core/findings/Finding'
import { applianceFlow, type ApplianceFlow } from '@/core/hookup/flow/applianceFlow'
import { applianceInputW, lineGraph, type LineGraph } from '@/core/hookup/line/lineGraph'
import type { Line } from '@/core/hookup/line/line'
import { lineFlow, type PartFlow } from '@/core/hookup/flow/lineFlow'
import { InputError } from '@/core/base/InputError'
import type { HeldGas } from '@/core/hookup/line/changeoverSides'
import { changeoverFindings } from './changeoverFindings'
import { flowFindings } from './flowFindings'
import { jointFindings } from './jointFindings'
import { layoutFindings } from './layoutFindings'
import type { LineCase } from './lineCase'
import { lineZones, type PartZones } from '@/core/hookup/line/lineZones'
import { placeFindings } from './placeFindings'
import { partFindings } from './partFindings'
import { structureFindings } from './structureFindings'
import { zoneFindings } from './zoneFindings'

export interface LineConditions {
  /** Temperature of the cylinders; 60 °F by default. */
  temperatureK: number
  atmospherePa: number
  /** Heat input of each appliance by part; all at full input when absent. */
  demandsW?: Readonly<Record<string, number>>
  /** Usable gas of the rig's cylinders, by their identifiers; unknown when absent. */
  heldKg?: HeldGas
  /** Last month of the period it is judged for. */
  untilMonth: string
}

export interface LineCheck {
  graph: LineGraph
  zones: ReadonlyMap<string, PartZones>
  /** Null where the line has a ring. */
  flow: ReadonlyMap<string, PartFlow> | null
  appliances: readonly ApplianceFlow[]
  demandsW: Readonly<Record<string, number>>
  /** Most severe first. */
  findings: readonly Finding[]
}

/** All burning at once, which is what a line has to carry. */
function allBurning(graph: LineGraph): Record<string, number> {
  return Object.fromEntries(
    graph.parts.filter(({ type }) => type.appliance).map((part) => [part.part.id, applianceInputW(part)]),
  )
}

function requireDemands(graph: LineGraph, demandsW: Readonly<Record<string, number>>): void {
  for (const [id, watts] of Object.entries(demandsW)) {
    const part = graph.byId.get(id)
    if (!part?.type.appliance) throw new InputError(`demandsW.${id}`, 'This is no appliance of the line.')
    if (!(watts >= 0 && watts <= 200_000)) {
      throw new InputError(`demandsW.${id}`, 'An appliance burns between nothing and 200 kW.')
    }
  }
}

/**
 * Checks a whole line: joints, pressures, order, parts and flow.
 *
 * @param lineId - for where the findings lead
 * @param line - checked by lineSchema
 * @param conditions - temperature, air, what burns, until when
 * @throws InputError as lineGraph and lineFlow do
 */
export function checkLine(lineId: string, line: Line, conditions: LineConditions): LineCheck {
  const graph = lineGraph(line)
  const demandsW = conditions.demandsW ?? allBurning(graph)
  requireDemands(graph, demandsW)
  const zones = lineZones(graph)
  const flow = graph.ring.length === 0 ? lineFlow(graph, { ...conditions, demandsW }) : null
  const { untilMonth, heldKg } = conditions
  const lineCase: LineCase = { lineId, graph, zones, flow, heldKg, untilMonth }
  return {
    graph,
    zones,
    flow,
    appliances: flow ? applianceFlow(graph, flow) : [],
    demandsW,
    findings: sortFindings([
      ...structureFindings(lineCase),
      ...jointFindings(lineCase),
      ...zoneFindings(lineCase),
      ...placeFindings(lineCase),
      ...layoutFindings(lineCase),
      ...partFindings(lineCase),
      ...changeoverFindings(lineCase),
      ...flowFindings(lineCase, demandsW),
    ]),
  }
}
