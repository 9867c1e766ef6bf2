import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import type { Room } from '@/core/heat/room/room'

export const heaterKinds = ['catalytic-panel', 'portable-radiant', 'furnace', 'other'] as const

export type HeaterKind = (typeof heaterKinds)[number]

const clearanceField = z
  .number()
  .min(0, 'A clearance cannot be less than zero.')
  .max(5, 'That is wider than any rig. Check the unit.')

const sizeField = z
  .number()
  .positive('This must be more than zero.')
  .max(5, 'That is larger than any heater. Check the unit.')

/** Clearances to combustibles at each face. */
const clearancesSchema = z.strictObject({
  frontM: clearanceField,
  sidesM: clearanceField,
  rearM: clearanceField,
  topM: clearanceField,
  /** To the ceiling, where the manual has a number of its own. */
  ceilingM: clearanceField.optional(),
})

export const heaterBodySchema = z.strictObject({
  widthM: sizeField,
  depthM: sizeField,
  heightM: sizeField,
  clearances: clearancesSchema,
  /** Distance to a gas cylinder. */
  cylinderM: clearanceField.default(0.9144),
  /** Length of its hose, if it has one. */
  hoseM: sizeField.optional(),
  mount: z.enum(['floor', 'wall', 'either']).default('floor'),
})

export type HeaterBody = z.output<typeof heaterBodySchema>

export type Clearances = z.output<typeof clearancesSchema>

/** Where a number comes from: from its own manual, or from what is common. */
const numberSources = ['manual', 'common'] as const

/** A heater as its owner knows it. */
export const heaterSchema = z.strictObject({
  kind: z.enum(heaterKinds),
  body: heaterBodySchema,
  clearancesFrom: z.enum(numberSources),
  highW: z.number().positive('An input is more than zero.').max(60_000, 'No heater of a camper burns that much.'),
  lowW: z.number().positive('An input is more than zero.').max(60_000, 'No heater of a camper burns that much.'),
  /** Fumes go outside and air comes from there. */
  vented: z.boolean(),
  /** Open area the manual asks for; null where it names none. */
  openAreaM2: z.number().positive('An area is more than zero.').max(2).nullable(),
  /** Shuts off when oxygen runs low. */
  oxygenCutOff: z.enum(['yes', 'no', 'not-known']),
  /** Highest place it may be used at, by its manual. */
  highestM: z.number().min(0).max(6000).nullable(),
  /** A small bottle screwed on itself. */
  bottleOn: z.boolean(),
  /** Certified for use inside where the owner camps. */
  certified: z.enum(['yes', 'no', 'not-known']).default('not-known'),
})

export type Heater = z.output<typeof heaterSchema>

export const poseSchema = z.strictObject({
  /** Middle of its body, from the back and from the left. */
  xM: z.number().min(-5).max(35),
  yM: z.number().min(-5).max(35),
  /** Where it faces: 0 the front of the rig, 90 its right side, clockwise on the plan. */
  turnDeg: z.number().min(-360).max(360).default(0),
  /** Height of its foot above the floor; 0 when it stands. */
  bottomM: z.number().min(0, 'It cannot stand under the floor.').max(3).default(0),
})

export type Pose = z.output<typeof poseSchema>

/** Planned use of a heater on a trip. */
export const heaterUses = ['warm-up', 'evening', 'asleep', 'left-alone', 'not-used'] as const

export type HeaterUse = (typeof heaterUses)[number]

/**
 * Refuses a heater that no turn would bring into the room, and clearances that are none.
 *
 * @throws InputError at the field
 */
export function requireHeater({ widthM, depthM, heightM, clearances }: HeaterBody, room: Room): void {
  for (const [face, distanceM] of Object.entries(clearances)) {
    if (!(distanceM >= 0)) {
      throw new InputError(`heater.clearances.${face}`, 'A clearance cannot be less than zero.')
    }
  }
  if (heightM > room.heightM) throw new InputError('heater.heightM', 'The heater is higher than the room.')
  const longest = Math.max(room.lengthM, room.widthM)
  const shortest = Math.min(room.lengthM, room.widthM)
  if (Math.max(widthM, depthM) > longest || Math.min(widthM, depthM) > shortest) {
    throw new InputError('heater.widthM', 'The heater is larger than the room.')
  }
}
