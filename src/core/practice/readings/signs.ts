import { limitOf } from '@/core/practice/rig/practiceRig'
import { currentPart, type RigState } from '@/core/practice/rig/rigState'
import type { GraphPart } from '@/core/hookup/line/lineGraph'

/** Charge under which a furnace fan or an igniter fails. [common practice] */
const FLAT_SHARE = 0.15

/** Whether the 12 V battery fails its loads; a charge nobody knows does not. */
export const isBatteryFlat = ({ batteryShare }: Pick<RigState, 'batteryShare'>): boolean =>
  (batteryShare ?? 1) < FLAT_SHARE

/** A cylinder under this share of its limit feels light, and over it the scale shows too much. [common practice] */
const LIMITS = { light: 0.08, over: 1.03 }

/** Gas in a cylinder over its limit. */
export const shareOfLimit = ({ sources, rig }: RigState, partId: string): number =>
  (sources[partId]?.massKg ?? 0) / limitOf(rig, partId)

/** How a cylinder feels when it is lifted, and what its scale says of its limit. */
export function liftedAs(state: RigState, partId: string): 'light' | 'heavy' | 'over' {
  const share = shareOfLimit(state, partId)
  if (share < LIMITS.light) return 'light'
  return share > LIMITS.over ? 'over' : 'heavy'
}

/** Bore over what a hose was made with, under which it is seen to be flat. */
const FLAT_BORE = 0.8

/** Whether a hose is kinked or crushed. */
export const isFlattened = (state: RigState, soundHose: GraphPart): boolean =>
  currentPart(state, soundHose).boreM < soundHose.boreM * FLAT_BORE
