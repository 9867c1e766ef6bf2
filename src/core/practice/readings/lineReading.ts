import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import { lineFlow, type PartFlow } from '@/core/hookup/flow/lineFlow'
import type { Line } from '@/core/hookup/line/line'
import { applianceInputW, type LineGraph } from '@/core/hookup/line/lineGraph'
import { bisect } from '@/core/math/findRoot'
import { fromUnit } from '@/core/units/convert'
import { appliancesOf } from '@/core/practice/rig/applianceBehavior'
import { type RigState, sourceGaugePa, stateGraph } from '@/core/practice/rig/rigState'

/** How far each burner is open, as a share of its input, by the part of the appliance. */
export type BurnerSettings = Readonly<Record<string, number>>

/** Pressures of the whole line with some burners open. */
export interface LineReading {
  graph: LineGraph
  parts: ReadonlyMap<string, PartFlow>
  /** Heat that each open burner really burns, W, by its part. */
  burnedW: ReadonlyMap<string, number>
}

/** Low pressure as appliances are made for it. */
export const LOW_GAUGE_PA = fromUnit(11, 'gaugePressure', 'inWC')

/** Most that a burner passes over its input, with a regulator that gives far too much. */
const MOST_FACTOR = 4
/** Width of the bracket at which the factor is found. */
const SETTLED = 0.001

/** Readings by line, pressures and burners: faults that leave all of them alone share one. */
const readings = new WeakMap<Line, Map<string, LineReading>>()
/** Readings kept for a line; a drill that runs for hours has more, and needs the last ones again. */
const MOST_KEPT = 60

/** Pressure at which a burner burns its input: what its own regulator needs, or low pressure. */
export function ratedGaugePa(appliance: { ownRegulator: boolean; minGaugePa: number }): number {
  return appliance.ownRegulator ? appliance.minGaugePa : LOW_GAUGE_PA
}

/** Share of its input that a burner passes at a pressure: as the square root of the pressure at its jet. */
export function burnerShare(jetGaugePa: number, ratedPa: number, ownRegulator: boolean): number {
  const share = Math.sqrt(Math.max(0, jetGaugePa) / ratedPa)
  return ownRegulator ? Math.min(1, share) : share
}

/**
 * Pressures and flows of a line in the state it is in.
 *
 * The pressures are those of the hook-up solver. The heat of a burner falls with the pressure at its jet, so a common
 * factor on the open burners is found by bisection, at which they pass as much as they leave pressure for.
 *
 * @param state - of the rig
 * @param open - burners that are open
 */
export function lineReading(state: RigState, open: BurnerSettings): LineReading {
  const graph = stateGraph(state)
  const sources = Object.fromEntries(graph.sources.map((source) => [source.part.id, sourceGaugePa(state, source)]))
  const ofLine = readings.get(state.line) ?? new Map<string, LineReading>()
  readings.set(state.line, ofLine)
  const key = JSON.stringify([sources, open])
  const reading = ofLine.get(key) ?? computeReading(state, graph, sources, open)
  ofLine.set(key, reading)
  const [oldest] = ofLine.keys()
  if (ofLine.size > MOST_KEPT && oldest !== undefined) ofLine.delete(oldest)
  return reading
}

function computeReading(
  state: RigState,
  graph: LineGraph,
  sources: Readonly<Record<string, number>>,
  open: BurnerSettings,
): LineReading {
  const atmospherePa = standardAtmospherePa(state.rig.altitudeM)
  const at = (demandsW: Readonly<Record<string, number>>): Map<string, PartFlow> =>
    lineFlow(graph, { temperatureK: state.rig.outsideK, atmospherePa, demandsW, sourceGaugePa: sources })
  const burners = appliancesOf(graph).flatMap((part) => {
    const share = open[part.part.id] ?? 0
    const { appliance } = part.type
    if (!appliance || share <= 0) return []
    return { id: part.part.id, wantedW: applianceInputW(part) * share, appliance, ratedPa: ratedGaugePa(appliance) }
  })
  const demandsAt = (factor: number): Record<string, number> =>
    Object.fromEntries(burners.map(({ id, wantedW }) => [id, wantedW * factor]))
  const shareOf = (
    { id, appliance, ratedPa }: (typeof burners)[number],
    parts: ReadonlyMap<string, PartFlow>,
  ): number => {
    const flow = parts.get(id)
    return flow?.live ? burnerShare(flow.outletGaugePa, ratedPa, appliance.ownRegulator) : 0
  }
  /** Whether all burners together would pass more than this factor of their input at the pressures it leaves. */
  const passesMore = (factor: number): boolean => {
    const parts = at(demandsAt(factor))
    const passed = burners.reduce((sum, burner) => sum + burner.wantedW * shareOf(burner, parts), 0)
    return passed > factor * burners.reduce((sum, { wantedW }) => sum + wantedW, 0)
  }
  const factor =
    burners.length === 0 ? 0 : bisect((trial) => !passesMore(trial), 0, MOST_FACTOR, { width: SETTLED }).middle
  const parts = at(demandsAt(factor))
  // Near the flow that a narrowing carries at all, pressure falls steeply: the heat found by bisection counts.
  const passedW = burners.reduce((sum, burner) => sum + burner.wantedW * shareOf(burner, parts), 0)
  const wantedW = burners.reduce((sum, burner) => sum + burner.wantedW, 0)
  const alike = passedW > 0 ? (factor * wantedW) / passedW : 0
  const burnedW = new Map(
    burners.map((burner) => [
      burner.id,
      burners.length === 1 ? burner.wantedW * factor : burner.wantedW * shareOf(burner, parts) * alike,
    ]),
  )
  return { graph, parts, burnedW }
}
