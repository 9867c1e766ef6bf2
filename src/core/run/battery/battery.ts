import { z } from '@/core/base/schema'

/** The rig’s 12 V battery and what it bears. */
export const batterySchema = z.strictObject({
  /** Rated charge, As. */
  capacityC: z
    .number()
    .positive('A battery holds more than nothing.')
    .max(3_600_000, 'That is over 1,000 Ah. Check the unit.'),
  /** Share that may be drawn: half of lead, most of lithium. */
  usableShare: z.number().min(0.05, 'At least a twentieth may be drawn.').max(1),
  startShare: z.number().min(0).max(1).default(1),
  /** Alarms, lights, pump, phones: mean over the day. */
  standingA: z.number().min(0).max(100, 'That is more than a camper’s wiring carries.').default(0.8),
  /** From the sun, on a day like those to come. */
  solarC: z.number().min(0).max(3_600_000).default(0),
  /** From a charger on nights with shore power. */
  shoreA: z.number().min(0).max(200).default(10),
})

export type Battery = z.output<typeof batterySchema>
