import type { QuantitySource } from '@/core/base/provenance'
import { kindFacts, type CylinderKind } from '@/core/cylinders/cylinderKind'
import { saturation } from '@/core/fluids/saturation'
import { SIXTY_F_K } from '@/core/units/convert'
import { waterCapacityVolumeM3 } from './waterCapacity'

/** How an owner may know a tare. */
export const tareWays = ['stamped', 'measured', 'assumed'] as const

export type TareWay = (typeof tareWays)[number]

/**
 * Source of a tare that was found by weighing the cylinder empty: vapor is still in it, so the vessel weighs less than
 * the scale showed, by as much as fills it at 60 °F, and never more.
 *
 * @param scaleKg - what the empty cylinder weighed
 * @throws InputError for a water capacity of nothing
 */
export function weighedEmptySource(kind: CylinderKind, scaleKg: number, waterCapacityKg: number): QuantitySource {
  const { vapourDensityKgM3 } = saturation(kindFacts[kind].gas, SIXTY_F_K)
  const vaporKg = waterCapacityVolumeM3(waterCapacityKg) * vapourDensityKgM3
  return { source: 'measured', lowest: Math.max(0, scaleKg - vaporKg), highest: scaleKg }
}
