import type { LineGear } from '@/core/hookup/line/line'
import { changeoverSide, lineGraphOrNull } from '@/core/hookup/line/lineGraph'
import { USUAL_NEED_PA } from './tripRun'
import type { Changeover } from '@/core/run/runSettings'

/** Use of the cylinders according to the drawn line. */
export interface LineSupply {
  changeover: Changeover | null
  /** Inlet pressure that its first regulator needs. */
  needGaugePa: number
  /** Rating of its only regulator; null with several or when unknown. */
  ratedW: number | null
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
  if (!parts) return { changeover: null, needGaugePa: USUAL_NEED_PA, ratedW: null }
  const lever = parts.find(({ type }) => type.role === 'changeover')
  const regulators = parts.flatMap(({ type }) => type.regulator ?? [])
  const needs = regulators.map(({ minInletGaugePa }) => minInletGaugePa).filter((pa) => pa > 0)
  const side = lever ? changeoverSide(lever) : null
  return {
    changeover: side === null ? null : side === 'both' || side === 'automatic' ? side : 'one-side',
    needGaugePa: needs.length > 0 ? Math.max(...needs) : USUAL_NEED_PA,
    ratedW: regulators.length === 1 ? (regulators[0]?.ratedW ?? null) : null,
  }
}
