import { z } from '@/core/base/zod'

export const energies = ['gas', 'shore', 'battery', 'off'] as const

/** Energy source for one night. */
export type Energy = (typeof energies)[number]

const hourField = z.number().min(0, 'A day begins at 0.').max(24, 'A day ends at 24.')
const warmField = z
  .number()
  .min(263.15, 'No room is kept that cold.')
  .max(313.15, 'No room is kept that hot. Check the unit.')

/** When and how hard an appliance burns. */
export const habitSchema = z.discriminatedUnion('way', [
  /** Full input for a time each day, from an hour of the clock. */
  z.strictObject({
    way: z.literal('hours'),
    burnPerDayS: z.number().min(0, 'This cannot be less than zero.').max(86_400, 'A day has 24 hours.'),
    fromH: hourField.default(18),
  }),
  /** Keeps the room at a temperature; off at night when `asleepK` is null. */
  z.strictObject({ way: z.literal('warmth'), awakeK: warmField, asleepK: warmField.nullable() }),
  /** A fridge: the warmer around it, the longer. */
  z.strictObject({ way: z.literal('around') }),
  /** Cooking and washing, by the day. */
  z.strictObject({ way: z.literal('acts'), words: z.string().trim().max(200) }),
])

export type Habit = z.output<typeof habitSchema>
