import { z } from '@/core/base/zod'
import { cylinderSites } from '@/core/vaporization/heatTransfer'

/**
 * How the cylinders of a line are used.
 *
 * - `one-side`: one after the other, switched by hand
 * - `automatic`: the reserve helps when the first cannot deliver
 * - `both`: all open
 */
export const changeovers = ['one-side', 'automatic', 'both'] as const

export type Changeover = (typeof changeovers)[number]

export const changeoverLabels: Readonly<Record<Changeover, string>> = {
  'one-side': 'one side, by hand',
  automatic: 'automatic',
  both: 'both open',
}

const clockField = z.number().min(0, 'A day begins at 0.').max(24, 'A day ends at 24.')

/** How a trip is run, other than what burns. */
export const runSettingsSchema = z.strictObject({
  changeover: z.enum(changeovers).nullable().default(null),
  /** Whether someone gets up at night to turn the lever or change a bottle. */
  getUp: z.boolean().default(false),
  /** Clock hours of waking and going to sleep. */
  wakeH: clockField.default(7),
  sleepH: clockField.default(22.5),
  startH: clockField.default(15),
  site: z.enum(cylinderSites).default('locker'),
  shoreNights: z.array(z.int().min(0).max(366)).max(366).default([]),
  /** Cylinders filled to their limit on the way. */
  refills: z
    .array(
      z.strictObject({
        cylinderId: z.string().min(1).max(64),
        atS: z
          .number()
          .min(0)
          .max(367 * 86_400),
      }),
    )
    .max(100)
    .default([]),
  /** Clock changes during the trip: seconds since the start, and the shift. */
  clockChanges: z
    .array(
      z.strictObject({
        atS: z
          .number()
          .min(0)
          .max(367 * 86_400),
        shiftS: z.number().min(-7200).max(7200),
      }),
    )
    .max(4)
    .default([]),
})

export type RunSettings = z.output<typeof runSettingsSchema>

/** Defaults. */
export const usualRunSettings: RunSettings = runSettingsSchema.parse({})
