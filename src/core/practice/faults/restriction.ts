import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import { pressureDrop } from '@/core/hookup/flow/pressureDrop'
import { bisect } from '@/core/math/findRoot'
import { type RigState, withPart } from '@/core/practice/rig/rigState'

/** Length that a narrowing is computed with. */
const LENGTH_M = 0.05
const BORES_M = { from: 1e-5, to: 0.05 }
/** Share of the pressure before it that a narrowing takes at its stated flow. */
const SHARE = 0.5

/**
 * Narrows a part so that a flow costs half of the pressure before it.
 *
 * @param state - of the rig
 * @param partId - the part
 * @param flowW - heat of the gas that passes at half the pressure
 * @param inletGaugePa - before it
 */
export function narrow(state: RigState, partId: string, flowW: number, inletGaugePa: number): RigState {
  const atmospherePa = standardAtmospherePa(state.rig.altitudeM)
  const dropPa = (insideDiameterM: number): number =>
    pressureDrop({ flowW, insideDiameterM, lengthM: LENGTH_M, inletGaugePa, atmospherePa }).dropPa
  const { middle } = bisect((boreM) => dropPa(boreM) <= inletGaugePa * SHARE, BORES_M.from, BORES_M.to, {
    halvings: 40,
  })
  return withPart(state, partId, { boreM: middle, lengthM: LENGTH_M })
}
