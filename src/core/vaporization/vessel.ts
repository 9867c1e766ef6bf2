import { kindFacts } from '@/core/cylinders/cylinderKind'
import { bisect } from '@/core/math/findRoot'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { waterCapacityVolumeM3 } from '@/core/cylinders/contents/waterCapacity'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'

export const vesselOrientations = ['upright', 'lying'] as const

/** A cylinder or tank for heat transfer: a tube with flat ends of the same volume. */
export const vesselSchema = z.strictObject({
  waterCapacityKg: z
    .number()
    .positive('The water capacity is more than zero.')
    .max(5000, 'That is larger than any tank of a camper. Check the unit.'),
  stands: z.enum(vesselOrientations).default('upright'),
  /** Outside diameter; the usual one for its size when absent. */
  diameterM: z.number().positive('The diameter is more than zero.').max(3).optional(),
  /** Mass of the wall; the tare. The usual one for its size when absent. */
  wallKg: z.number().min(0, 'The wall does not weigh less than zero.').max(3000).optional(),
})

export type Vessel = z.output<typeof vesselSchema>

/** A vessel with all its dimensions. */
export interface VesselBody {
  stands: Vessel['stands']
  volumeM3: number
  diameterM: number
  /** Length of the tube of the same volume. */
  lengthM: number
  wallKg: number
}

/** Usual outside diameter by water capacity, upright. [common practice] */
const UPRIGHT: readonly (readonly [waterKg: number, diameterM: number])[] = [
  [1.107, 0.098],
  [5.4, 0.203],
  [10.8, 0.229],
  [21.6, 0.31],
  [32.4, 0.316],
  [43.2, 0.316],
  [108, 0.368],
  [454, 0.762],
]

/** Length over diameter of a lying tank. [common practice] */
const LYING_SLENDERNESS = 2.5

/** Mass of a steel vessel over its water capacity. [common practice] */
const WALL_SHARE = 0.37

/** Usual diameter, interpolated over the logarithm of the size. */
function usualDiameterM(waterKg: number): number {
  const after = UPRIGHT.findIndex(([size]) => size >= waterKg)
  const upper = UPRIGHT[after === -1 ? UPRIGHT.length - 1 : after]
  const lower = UPRIGHT[after <= 0 ? (after === 0 ? 0 : UPRIGHT.length - 1) : after - 1]
  if (!upper || !lower) return 0.31
  // Beyond the table, diameters scale with the cube root of the volume.
  if (upper === lower) return upper[1] * Math.cbrt(waterKg / upper[0])
  const share = Math.log(waterKg / lower[0]) / Math.log(upper[0] / lower[0])
  return lower[1] + (upper[1] - lower[1]) * share
}

/**
 * Dimensions of a vessel, with usual values where none are given.
 *
 * @param vessel - at least water capacity and orientation
 * @throws InputError at `diameterM` when the vessel would be impossibly flat
 */
export function vesselBody({ waterCapacityKg, stands, diameterM, wallKg }: Vessel): VesselBody {
  const volumeM3 = waterCapacityVolumeM3(waterCapacityKg)
  const wide =
    diameterM ??
    (stands === 'upright' ? usualDiameterM(waterCapacityKg) : Math.cbrt((4 * volumeM3) / (Math.PI * LYING_SLENDERNESS)))
  const lengthM = volumeM3 / ((Math.PI / 4) * wide * wide)
  if (lengthM < wide / 4) {
    throw new InputError('diameterM', 'So wide it would be flatter than any vessel. Check diameter and water capacity.')
  }
  return { stands, volumeM3, diameterM: wide, lengthM, wallKg: wallKg ?? waterCapacityKg * WALL_SHARE }
}

/**
 * Vessel of a cylinder of the rig: fixed tanks lie, all others stand upright.
 *
 * @param cylinder - of the rig
 */
export function vesselOf({ kind, waterCapacityKg, tareKg }: CylinderGear): Vessel {
  return {
    waterCapacityKg,
    stands: kindFacts[kind].isFixed ? 'lying' : 'upright',
    ...(tareKg > 0 && { wallKg: tareKg }),
  }
}

/** Liquid share below which the liquid no longer covers the bottom of an upright cylinder. */
const BOTTOM_COVERED = 0.02

/** Half the angle that the liquid covers in a lying tube, from its share of the circle. */
function halfAngle(share: number): number {
  const covers = (angle: number): boolean => angle - Math.sin(2 * angle) / 2 >= share * Math.PI
  return bisect(covers, 0, Math.PI, { halvings: 32 }).middle
}

/**
 * Wetted area of the inside wall.
 *
 * @param body - of the vessel, as a tube with flat ends
 * @param liquidFraction - share of its volume that is liquid, 0 to 1
 * @returns m²
 * @see geometry of the cylinder and the circular segment
 */
export function wettedAreaM2({ stands, diameterM, lengthM }: VesselBody, liquidFraction: number): number {
  const share = Math.min(1, Math.max(0, liquidFraction))
  const endM2 = (Math.PI / 4) * diameterM * diameterM
  if (stands === 'lying') return diameterM * halfAngle(share) * lengthM + 2 * share * endM2
  return endM2 * Math.min(1, share / BOTTOM_COVERED) + Math.PI * diameterM * lengthM * share
}

/** Thickness of the wall of a usual steel cylinder. [common practice] */
const WALL_M = 0.003

/**
 * Usual inside shape of an upright cylinder, for the height of its liquid when only its size is known.
 *
 * @param waterCapacityKg - stamped as WC
 * @returns diameter and height inside, with 2:1 elliptical ends that hold its water capacity
 */
export function usualShape(waterCapacityKg: number): { stands: 'upright'; diameterM: number; lengthM: number } {
  const diameterM = usualDiameterM(waterCapacityKg) - 2 * WALL_M
  const areaM2 = (Math.PI / 4) * diameterM * diameterM
  // Two such ends hold as much as a third of the diameter of tube, and are half of it high.
  return { stands: 'upright', diameterM, lengthM: waterCapacityVolumeM3(waterCapacityKg) / areaM2 + diameterM / 6 }
}
