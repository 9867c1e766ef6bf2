import type { Fluid } from '@/core/fluids/fluidData'
import { saturation } from '@/core/fluids/saturation'
import type { PartType } from '@/core/hookup/catalogue/partType'
import { type GraphJoint, type GraphPart, isShut, type LineGraph, changeoverSide } from '@/core/hookup/line/lineGraph'
import { type HeldGas, isKnownEmpty } from '@/core/hookup/line/changeoverSides'
import { pressureDrop } from './pressureDrop'

type RegulatorFacts = NonNullable<PartType['regulator']>

/** Droop of a regulator at its rated flow, as a share of its setting. */
const SAG = 0.1

/**
 * Outlet pressure of a regulator.
 *
 * Lock-up pressure without flow; at its setting with flow, drooping by a tenth up to its rated flow and
 * falling away beyond it; never more than what comes in, and falling with it below what it needs before it.
 *
 * @param facts - of the regulator
 * @param inletGaugePa - before it
 * @param flowW - heat burned behind it
 * @returns Pa above the air
 */
export function regulatorOutletPa(facts: RegulatorFacts, inletGaugePa: number, flowW: number): number {
  const { setGaugePa, lockupGaugePa, ratedW, minInletGaugePa } = facts
  if (flowW <= 0) return Math.min(lockupGaugePa, inletGaugePa)
  const load = ratedW === null ? 0 : flowW / ratedW
  const sagged = load <= 1 ? setGaugePa * (1 - SAG * load) : setGaugePa * (1 - SAG) * Math.max(0, 2 - load)
  const starved = minInletGaugePa > 0 ? Math.min(1, inletGaugePa / minInletGaugePa) : 1
  return Math.min(sagged * starved, Math.max(0, inletGaugePa))
}

/**
 * Where each gas boils at all. Beyond it the nearest counts: a line is judged on the coldest night, and above its critical
 * point a CO2 cylinder holds this much or more, by how it was filled.
 */
const BOILS_K: Readonly<Record<Fluid, { from: number; to: number }>> = {
  propane: { from: 174, to: 369 },
  co2: { from: 217, to: 304 },
}

export interface FlowConditions {
  /** Of the cylinders. */
  temperatureK: number
  atmospherePa: number
  /** Heat each appliance burns at this moment, by part identifier; none burns that is not named. */
  demandsW: Readonly<Record<string, number>>
  /** Usable gas of the rig's cylinders: one that is known to be empty gives none. */
  heldKg?: HeldGas
  /** Gauge pressure of a source by its part, where it differs from the vapor pressure at that temperature. */
  sourceGaugePa?: Readonly<Record<string, number>>
}

/** Gauge pressures in one part. */
export interface PartFlow {
  /** Gas comes: a source is open and everything up to here. */
  live: boolean
  flowW: number
  /** Static, without flow. */
  staticGaugePa: number
  /** As chosen to burn, at its way in and its way out. */
  inletGaugePa: number
  outletGaugePa: number
}

/** Feeds in use: a changeover takes its gas from the side it is set to, any other part from all feeds. */
function chosenFeeds(part: GraphPart, live: ReadonlyMap<string, boolean>): GraphJoint[] {
  const open = part.into.filter(({ from }) => live.get(from.part.id))
  if (part.type.role !== 'changeover') return open
  const lever = changeoverSide(part)
  const [first] = open.toSorted((a, b) => a.toPort.id.localeCompare(b.toPort.id))
  if (lever === 'both') return open
  if (lever === 'automatic') return first ? [first] : []
  return open.filter(({ toPort }) => toPort.id === lever)
}

interface Feeds {
  live: ReadonlyMap<string, boolean>
  of: ReadonlyMap<string, readonly GraphJoint[]>
}

function feedsOf(graph: LineGraph, heldKg: HeldGas | undefined): Feeds {
  const live = new Map<string, boolean>()
  const of = new Map<string, readonly GraphJoint[]>()
  const sources = new Set(graph.sources)
  for (const part of graph.sortFindings) {
    const feeds = chosenFeeds(part, live)
    of.set(part.part.id, feeds)
    const gives = sources.has(part) ? isKnownEmpty(part, heldKg) !== true : feeds.length > 0
    live.set(part.part.id, !isShut(part) && gives)
  }
  return { live, of }
}

/** Heat that must come through each part: what burns behind it, halved where two feeds share it. */
function flowsW(graph: LineGraph, feeds: Feeds, demandsW: FlowConditions['demandsW']): Map<string, number> {
  const flows = new Map<string, number>()
  for (const part of graph.sortFindings.toReversed()) {
    const id = part.part.id
    const own = part.type.role === 'appliance' && feeds.live.get(id) ? (demandsW[id] ?? 0) : 0
    const flowW = own + (flows.get(id) ?? 0)
    flows.set(id, flowW)
    const from = feeds.of.get(id) ?? []
    for (const { from: above } of from) {
      flows.set(above.part.id, (flows.get(above.part.id) ?? 0) + flowW / from.length)
    }
  }
  return flows
}

/**
 * Pressures along the line, locked up and with the chosen appliances burning.
 *
 * Flows add up from the appliances to the sources; pressures then come down from the cylinders' saturation pressure,
 * each hose and tube taking its drop by the sizing equations, each regulator giving what its curve says. Where two
 * cylinders feed together the weaker one counts. Fittings take nothing.
 *
 * @param graph - of a line without a ring
 * @param conditions - temperature, air and what burns
 * @returns by part identifier
 * @throws InputError as pressureDrop does
 */
export function lineFlow(graph: LineGraph, conditions: FlowConditions): Map<string, PartFlow> {
  const { temperatureK, atmospherePa, demandsW, sourceGaugePa = {} } = conditions
  const feeds = feedsOf(graph, conditions.heldKg)
  const flows = flowsW(graph, feeds, demandsW)
  const found = new Map<string, PartFlow>()
  const sources = new Set(graph.sources)
  const pressures = new Map<string, number>()
  const cylinderGaugePa = (gas: Fluid): number => {
    const boilingK = Math.max(BOILS_K[gas].from, Math.min(BOILS_K[gas].to, temperatureK))
    const known = pressures.get(gas) ?? Math.max(0, saturation(gas, boilingK).pressurePa - atmospherePa)
    pressures.set(gas, known)
    return known
  }

  for (const part of graph.sortFindings) {
    const { id } = part.part
    const live = feeds.live.get(id) ?? false
    const flowW = flows.get(id) ?? 0
    const above = (feeds.of.get(id) ?? []).flatMap(({ from }) => found.get(from.part.id) ?? [])
    const own = sources.has(part)
      ? [sourceGaugePa[id] ?? cylinderGaugePa(part.type.gas === 'co2' ? 'co2' : 'propane')]
      : []
    const lowest = (values: readonly number[]): number => (values.length === 0 || !live ? 0 : Math.min(...values))
    const before = lowest([...own, ...above.map(({ staticGaugePa }) => staticGaugePa)])
    const inletGaugePa = lowest([...own, ...above.map(({ outletGaugePa }) => outletGaugePa)])
    const { regulator, gas } = part.type
    const staticGaugePa = regulator ? regulatorOutletPa(regulator, before, 0) : before
    // A regulator with its hose in one piece loses in the hose behind it.
    const startGaugePa = regulator ? regulatorOutletPa(regulator, inletGaugePa, flowW) : inletGaugePa
    let outletGaugePa = startGaugePa
    if (part.lengthM > 0 && part.boreM > 0 && flowW > 0 && startGaugePa > 0 && gas !== 'co2') {
      const run = {
        flowW,
        insideDiameterM: part.boreM,
        lengthM: part.lengthM,
        inletGaugePa: startGaugePa,
        atmospherePa,
      }
      outletGaugePa = Math.max(0, startGaugePa - pressureDrop(run).dropPa)
    }
    found.set(id, { live, flowW, staticGaugePa, inletGaugePa, outletGaugePa })
  }
  return found
}
