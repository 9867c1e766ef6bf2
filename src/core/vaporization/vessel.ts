import { z } from '@/core/base/schema'

export const vesselStands = ['upright', 'lying'] as const

/** A cylinder or tank as heat meets it: a tube with flat ends of the same inside volume. */
export const vesselSchema = z.strictObject({
  waterCapacityKg: z
    .number()
    .positive('The water capacity is more than nothing.')
    .max(5000, 'That is larger than any tank of a camper. Check the unit.'),
  stands: z.enum(vesselStands).default('upright'),
  /** Outside; the usual one for its size when absent. */
  diameterM: z.number().positive('The diameter is more than nothing.').max(3).optional(),
  /** Mass of the wall; the tare. The usual one for its size when absent. */
  wallKg: z.number().min(0, 'The wall does not weigh less than nothing.').max(3000).optional(),
})

export type Vessel = z.output<typeof vesselSchema>
