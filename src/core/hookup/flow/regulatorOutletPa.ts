import type { PartType } from '@/core/hookup/catalogue/partType'

type RegulatorFacts = NonNullable<PartType['regulator']>

/** By so much of its setting a regulator sags at its rated flow. */
const SAG = 0.1

/**
 * What stands after a regulator.
 *
 * Locked up with nothing burning; at its setting as soon as gas flows, sagging by a tenth up to its rated flow and
 * falling away beyond it; never more than what comes in, and falling with it below what it needs before it.
 *
 * @param facts - of the regulator
 * @param inletGaugePa - before it
 * @param flowW - heat burnt behind it
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
