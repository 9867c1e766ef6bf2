import { z } from '@/core/base/schema'

/** Where a forecast comes from. */
export const forecastOrigins = ['typed', 'service', 'file', 'coldest-night'] as const

/** Weather hour by hour from the moment the trip begins; the last hour holds on. */
export const forecastSchema = z.strictObject({
  origin: z.enum(forecastOrigins).default('typed'),
  /** Its place, spell or file, in the owner’s words. */
  name: z.string().trim().max(80).default(''),
  /** Day its hours begin on, `2026-12-04`; null for numbers that were typed for the trip, whenever it is. */
  fromDay: z
    .string()
    .regex(/^\d{4}-\d\d-\d\d$/, 'A day is written like 2026-12-04.')
    .nullable()
    .default(null),
  /** Air outside at each hour, K. */
  temperatureK: z
    .array(
      z
        .number()
        .min(203.15, 'No place is colder than −94 °F (−70 °C).')
        .max(333.15, 'No air is hotter than 140 °F (60 °C).'),
    )
    .min(1, 'A forecast has one hour or more.')
    .max(24 * 367),
  /** Wind at each hour, m/s; calm when absent. */
  windMS: z
    .array(z.number().min(0, 'Wind is not less than calm.').max(60, 'That is beyond any hurricane.'))
    .max(24 * 367)
    .default([]),
  /** How far off it may be, one standard deviation; the usual growth with the days when absent. */
  spreadK: z
    .array(z.number().min(0).max(20))
    .max(24 * 367)
    .default([]),
})

export type Forecast = z.output<typeof forecastSchema>
