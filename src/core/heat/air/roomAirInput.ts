import { SEA_LEVEL_PA } from '@/core/fluids/atmosphere'
import { z } from '@/core/base/zod'
import { openingSchema, roomSchema } from '@/core/heat/room/room'

const MAX_S = 86_400

export const roomAirSchema = z.strictObject({
  room: roomSchema,
  /** In place of the room's own. */
  openings: z.array(openingSchema).max(40).optional(),
  windMS: z.number().min(0, 'Wind cannot be less than zero.').max(50).default(0),
  /** Heat input, gross; at its low setting where a thermostat is given. */
  heaterW: z.number().min(0, 'An input cannot be less than zero.').max(60_000).default(0),
  /** Turned off when the room is half a kelvin above this, on again when it is as much below. */
  thermostatK: z.number().optional(),
  /** Turned off for good after this. */
  heaterUntilS: z.number().min(0).optional(),
  vented: z.boolean().default(false),
  oxygenCutOff: z.boolean().default(false),
  /** A catalytic pad: it burns on in air in which a flame would go out. */
  catalytic: z.boolean().default(false),
  people: z
    .strictObject({
      awake: z.int().min(0, 'Fewer than none cannot be.').max(12).default(0),
      asleep: z.int().min(0, 'Fewer than none cannot be.').max(12).default(0),
    })
    .default({ awake: 0, asleep: 0 }),
  outside: z.strictObject({
    temperatureK: z.number(),
    relativeHumidity: z.number().min(0).max(1, 'Air holds 100 % at most.').default(0.8),
    co2Ppm: z.number().min(0).max(5000).default(420),
    pressurePa: z.number().min(40_000).max(110_000).default(SEA_LEVEL_PA),
  }),
  /** Of the room when it begins; the outside's where absent. */
  startK: z.number().optional(),
  /** Loss through shell and glass, and capacity, where a warm-up log has measured them. */
  fabricWPerK: z.number().positive().max(5000).optional(),
  capacityJPerK: z.number().min(1000, 'Even an empty room holds more warmth than that.').max(1e8).optional(),
  durationS: z.number().positive('A time is more than zero.').max(MAX_S, 'A day at most.'),
})

export type RoomAirInput = z.output<typeof roomAirSchema>
