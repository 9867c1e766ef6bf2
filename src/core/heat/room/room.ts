import { z } from '@/core/base/zod'

/** Ready shapes to begin from. */
export const roomShapes = ['van', 'trailer', 'truck-cap', 'motorhome', 'tent-annex'] as const

export type RoomShape = (typeof roomShapes)[number]

/** How the shell holds warmth, roughly. */
export const shellClasses = ['canvas', 'bare', 'lined', 'insulated', 'well-insulated'] as const

export type ShellClass = (typeof shellClasses)[number]

export const glassClasses = ['single', 'covered', 'double', 'double-covered'] as const

export type GlassClass = (typeof glassClasses)[number]

/** Where an opening sits. The plan has the front at its right end; left and right are those of the driver. */
export const roomSides = ['back', 'front', 'left', 'right', 'roof', 'floor'] as const

export type RoomSide = (typeof roomSides)[number]

export const openingKinds = ['window', 'roof-vent', 'floor-vent', 'door'] as const

export type OpeningKind = (typeof openingKinds)[number]

export const openingConditions = ['clear', 'screened', 'iced', 'blocked'] as const

export type OpeningCondition = (typeof openingConditions)[number]

const idField = z.string().min(1).max(64)
const nameField = z.string().trim().min(1, 'Give it a name.').max(60)
const sizeField = z.number().positive('This must be more than zero.').max(30, 'No rig is as large as that.')
const placeField = z.number().min(-1, 'This lies outside the room.').max(31, 'This lies outside the room.')

export const openingSchema = z.strictObject({
  id: idField,
  name: nameField,
  kind: z.enum(openingKinds),
  side: z.enum(roomSides),
  /** Middle of it along its wall from the back, or from the left of the back and front wall. */
  alongM: placeField,
  /** Lower edge above the floor; unused for roof and floor. */
  bottomM: z.number().min(0, 'This lies under the floor.').max(5),
  widthM: sizeField,
  /** Height of the opening when fully open. */
  heightM: sizeField,
  /** How far it is open now. */
  openM: z.number().min(0, 'It cannot stand open by less than zero.').max(5),
  condition: z.enum(openingConditions).default('clear'),
  glass: z.boolean().default(true),
})

export const roomSchema = z.strictObject({
  shape: z.enum(roomShapes).default('van'),
  lengthM: sizeField,
  widthM: sizeField,
  /** Ceiling along the left side. */
  heightM: sizeField,
  /** Ceiling along the right side, where the roof slopes. */
  lowHeightM: sizeField.optional(),
  /** A corner walled off, at the back on the right, as by a wet room. */
  corner: z.strictObject({ lengthM: sizeField, widthM: sizeField }).optional(),
  shell: z.enum(shellClasses).default('lined'),
  glass: z.enum(glassClasses).default('single'),
  /** Linings that can burn: wood, felt, foam, cloth. */
  liningsBurn: z.boolean().default(true),
  openings: z.array(openingSchema).max(40).default([]),
})

export type Room = z.output<typeof roomSchema>
export type RoomInput = z.input<typeof roomSchema>
export type Opening = z.output<typeof openingSchema>
