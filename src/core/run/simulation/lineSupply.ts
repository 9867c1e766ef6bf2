import type { LineGear } from '@/core/hookup/line/line'
import { type ChangeoverState, changeoverStates } from '@/core/hookup/line/changeoverSides'
import { lineGraphOrNull } from '@/core/hookup/line/lineGraph'
import { USUAL_NEED_PA } from './tripRun'
import type { Changeover } from '@/core/run/runSettings'

/** Use of the cylinders according to the drawn line. */
export interface LineSupply {
  changeover: Changeover | null
  /** The cylinder that the lever takes first, as drawn. */
  firstCylinderId: string | null
  /** Inlet pressure that its first regulator needs. */
  needGaugePa: number
  /** Rating of its only regulator; null with several or when unknown. */
  ratedW: number | null
}

/** An automatic changeover whose reserve is shut waits for somebody to open it, as a lever on one side does. */
function modeOf({ lever, sides }: ChangeoverState): Changeover {
  if (lever === 'automatic') return sides.some(({ isShut }) => isShut) ? 'one-side' : 'automatic'
  return lever === 'both' ? 'both' : 'one-side'
}

/**
 * Changeover and regulator of the rig’s propane line, as drawn.
 *
 * @param lines - of the rig; lines with bottles only are ignored
 * @returns the usual need of a regulator where none is drawn
 */
export function lineSupply(lines: readonly LineGear[]): LineSupply {
  const graph = lines
    .map(({ line }) => lineGraphOrNull(line))
    .find((found) =>
      found?.parts.some(({ type }) => type.gas === 'propane' && (type.role === 'cylinder' || type.role === 'tank')),
    )
  if (!graph) return { changeover: null, firstCylinderId: null, needGaugePa: USUAL_NEED_PA, ratedW: null }
  const regulators = graph.parts.flatMap(({ type }) => type.regulator ?? [])
  const needs = regulators.map(({ minInletGaugePa }) => minInletGaugePa).filter((pa) => pa > 0)
  const [state] = changeoverStates(graph, undefined)
  return {
    changeover: state ? modeOf(state) : null,
    firstCylinderId: state?.sides.find(({ side }) => side === state.lever)?.cylinder.part.cylinderId ?? null,
    needGaugePa: needs.length > 0 ? Math.max(...needs) : USUAL_NEED_PA,
    ratedW: regulators.length === 1 ? (regulators[0]?.ratedW ?? null) : null,
  }
}
