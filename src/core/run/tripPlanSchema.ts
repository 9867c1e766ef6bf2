import { supplies } from '@/core/cylinders/cylinderKind'
import { z } from '@/core/base/schema'
import { forecastSchema } from '@/core/run/weather/forecast'
import { applianceKinds, energies, habitSchema } from '@/core/appliances/habit'
import { runSettingsSchema } from './runSettings'

const idField = z.string().min(1).max(64)
const powerField = z.number().min(0).max(200_000, 'That is more than any camper burns. Check the unit.')
const currentField = z.number().min(0).max(200, 'That is more than a camper’s wiring carries.')
const factorField = z.number().min(0.2).max(5)

/** An appliance of a trip and how long it burns. */
export const applianceUseSchema = z.strictObject({
  id: idField,
  name: z.string().max(60),
  inputW: powerField,
  supply: z.enum(supplies),
  burnPerDayS: z.number().min(0).max(86_400, 'A day has 24 hours.'),
  kind: z.enum(applianceKinds).optional(),
  pilotW: powerField.optional(),
  currentA: currentField.optional(),
  batteryA: currentField.optional(),
  needsBattery: z.boolean().optional(),
  cylinderId: idField.nullish(),
  habit: habitSchema.nullish(),
  byNight: z.array(z.enum(energies)).max(366).nullish(),
})

/** A trip as readiness needs to know it. */
export const tripPlanSchema = z.strictObject({
  id: idField,
  name: z.string().max(60),
  startDay: z
    .string()
    .regex(/^\d{4}-\d\d-\d\d$/, 'A day is written like 2026-12-04.')
    .refine((day) => Number.isFinite(Date.parse(`${day}T00:00Z`)), 'There is no such day.'),
  nights: z
    .int('A trip has a whole number of nights.')
    .min(1, 'A trip has one night or more.')
    .max(366, 'Plan a year at most.'),
  reserveShare: z.number().min(0).max(1, 'The reserve is at most 100 %.'),
  altitudeM: z.number().min(-500).max(6000, 'No camper goes that high.'),
  coldestK: z.number().min(203.15).max(333.15).nullable(),
  uses: z.array(applianceUseSchema).max(100),
  settings: runSettingsSchema.nullish(),
  forecast: forecastSchema.nullish(),
  /** Gas burnt for each kilogram the habits would burn, as weigh-ins taught. */
  learned: z.strictObject({ line: factorField.optional(), bottles: factorField.optional() }).optional(),
})
