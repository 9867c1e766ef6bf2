import { z } from '@/core/base/zod'
import { partTypeSchema } from '@/core/hookup/catalogue/partType'

/**
 * Where a part sits; `bay` is closed and not vented, `road` is below the floor in the road's reach, `not-known` until
 * somebody says.
 */
export const partPlaces = ['not-known', 'outside', 'locker', 'bay', 'road', 'inside'] as const

export type PartPlace = (typeof partPlaces)[number]

const known = ['yes', 'no', 'not-known'] as const

/** How a joint was made, as far as known. */
export const jointStates = [
  'not-known',
  'as-it-should',
  'taped',
  'bare',
  'few-turns',
  'wrong-way',
  'wrenched',
  'old-washer',
  'one-wrench',
] as const

export type JointState = (typeof jointStates)[number]

const idField = z.string().min(1).max(64)

const monthField = z.string().regex(/^(19|20)\d\d-(0[1-9]|1[0-2])$/, 'A month is written like 2021-05.')

const linePartSchema = z.strictObject({
  id: idField,
  typeId: idField,
  /** What the owner calls it; its type's name when absent. */
  name: z.string().trim().max(60).optional(),
  place: z.enum(partPlaces).default('not-known'),
  /** Of hoses and tubes, where it is not the catalogue's. */
  lengthM: z.number().positive('A length is more than zero.').max(100).optional(),
  boreM: z.number().positive('A bore is more than zero.').max(0.1).optional(),
  madeMonth: monthField.optional(),
  /** The cylinder, appliance or ageing thing of the rig that this part is. */
  cylinderId: idField.optional(),
  applianceId: idField.optional(),
  equipmentId: idField.optional(),
  /** Heat input from its plate, for an appliance. */
  inputW: z.number().positive().max(200_000).optional(),
  /** Gas a cylinder may hold, for what its appliance allows. */
  holdsKg: z.number().positive().max(500).optional(),
  /** A vessel that belongs to its supplier, who alone repairs it. */
  leased: z.boolean().optional(),
  /** A hose as it was found. */
  condition: z.enum(['sound', 'bad', 'not-known']).optional(),
  /** Vent of a regulator covered and pointing down. */
  ventDown: z.enum(known).optional(),
  /** Cover and screw cap of a regulator. */
  cover: z.enum(['as-made', 'altered']).optional(),
  /** Bracket, cover and hoses still fit after a device was added at the cylinder. */
  stillFits: z.enum(known).optional(),
  /** Clipped with cushioned clamps, sleeved and sealed through the floor, out of the road's reach. */
  supported: z.enum(known).optional(),
  /** Side that a changeover takes its gas from. */
  lever: z.enum(['left', 'right', 'both', 'automatic']).optional(),
  /** What the flag of an automatic changeover shows. */
  flag: z.enum(['green', 'red']).optional(),
  /** A valve, of a cylinder too. */
  setting: z.enum(['open', 'shut', 'between']).optional(),
})

const endSchema = z.strictObject({ partId: idField, portId: z.string().min(1).max(20) })

const jointSchema = z.strictObject({
  id: z.string().min(1).max(140),
  /** Upstream end. */
  from: endSchema,
  to: endSchema,
  made: z.enum(jointStates).default('not-known'),
})

/** Largest number of parts; far more than any rig has. */
const MAX_PARTS = 400

export const lineSchema = z.strictObject({
  parts: z.array(linePartSchema).max(MAX_PARTS),
  joints: z.array(jointSchema).max(MAX_PARTS * 2),
  /** Parts of the owner's that the catalogue does not have. */
  types: z.array(partTypeSchema).max(MAX_PARTS).default([]),
})

export type LinePart = z.output<typeof linePartSchema>

export type Joint = z.output<typeof jointSchema>

export type Line = z.output<typeof lineSchema>

/** A line of the rig as the trip verdict needs it. */
export interface LineGear {
  id: string
  name: string
  line: Line
}
