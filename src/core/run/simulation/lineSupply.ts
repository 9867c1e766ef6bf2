import type { LineGear } from '@/core/hookup/line/line'
import { type ChangeoverSide, changeoverStates } from '@/core/hookup/line/changeoverSides'
import { changeoverSide, lineGraphOrNull } from '@/core/hookup/line/lineGraph'
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
function modeOf(side: ReturnType<typeof changeoverSide>, sides: readonly ChangeoverSide[]): Changeover {
  if (side === 'automatic') return sides.some(({ isShut }) => isShut) ? 'one-side' : 'automatic'
  return side === 'both' ? 'both' : 'one-side'
}

/**
 * Changeover and regulator of the rig’s propane line, as drawn.
 *
 * @param lines - of the rig; lines with bottles only are ignored
 * @returns the usual need of a regulator where none is drawn
 */
export function lineSupply(lines: readonly LineGear[]): LineSupply {
  const parts = lines
    .map(({ line }) => lineGraphOrNull(line)?.parts ?? [])
    .find((found) => {
      return found.some(({ type }) => type.gas === 'propane' && (type.role === 'cylinder' || type.role === 'tank'))
    })
  if (!parts) return { changeover: null, firstCylinderId: null, needGaugePa: USUAL_NEED_PA, ratedW: null }
  const lever = parts.find(({ type }) => type.role === 'changeover')
  const regulators = parts.flatMap(({ type }) => type.regulator ?? [])
  const needs = regulators.map(({ minInletGaugePa }) => minInletGaugePa).filter((pa) => pa > 0)
  const side = lever ? changeoverSide(lever) : null
  const sides = lines.flatMap(({ line }) => {
    const graph = lineGraphOrNull(line)
    return graph
      ? changeoverStates(graph, undefined).flatMap((state) =>
          state.changeover.part === lever?.part ? state.sides : [],
        )
      : []
  })
  return {
    changeover: side === null ? null : modeOf(side, sides),
    firstCylinderId: sides.find((one) => one.side === side)?.cylinder.part.cylinderId ?? null,
    needGaugePa: needs.length > 0 ? Math.max(...needs) : USUAL_NEED_PA,
    ratedW: regulators.length === 1 ? (regulators[0]?.ratedW ?? null) : null,
  }
}
