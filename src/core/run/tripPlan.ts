import {
  type ApplianceKind,
  type Energy,
  type Habit,
  applianceKinds,
  energies,
  habitSchema,
} from '@/core/appliances/habit'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { type Supply, supplies } from '@/core/cylinders/cylinderKind'
import { type Forecast, forecastSchema } from '@/core/run/weather/forecast'
import { type RunSettings, runSettingsSchema } from './runSettings'

/** What an owner says to what was learned. */
export const calibrationAnswers = ['taken', 'refused'] as const

export type CalibrationAnswer = (typeof calibrationAnswers)[number]

/** For each kilogram that the habits as entered would have burned, so much was burned; 1 for a supply not named. */
export type UseFactors = Readonly<Partial<Record<Supply, number>>>

/** An appliance and how long it burns in a day and night. */
export interface ApplianceUse {
  id: string
  name: string
  inputW: number
  supply: Supply
  /** At full input; what the habit comes to by the weather, where it has one. */
  burnPerDayS: number
  kind?: ApplianceKind
  pilotW?: number
  /** Drawn from the battery while it burns. */
  currentA?: number
  /** Drawn when it runs on the battery instead. */
  batteryA?: number
  needsBattery?: boolean
  /** A cylinder of its own, other than the rig’s line. */
  cylinderId?: string | null
  /** When and how hard; at full for its hours from the evening on when absent. */
  habit?: Habit | null
  /** What it runs on, night by night; gas for those not named. */
  byNight?: readonly Energy[] | null
}

/** A trip as core needs it. */
export interface TripPlan {
  id: string
  name: string
  /** Day of leaving, `2026-12-04`. */
  startDay: string
  nights: number
  /** Ends before its last night is over: what is left of a trip under way, from its own beginning. */
  lastsS?: number
  /** Share of the trip’s gas to be left over: 0.2 for a fifth. */
  reserveShare: number
  altitudeM: number
  coldestK: number | null
  uses: readonly ApplianceUse[]
  /** How it is run; the usual when absent. */
  settings?: RunSettings | null
  /** Hour by hour; made from the coldest night when absent. */
  forecast?: Forecast | null
  /** What weigh-ins taught of its use. */
  learned?: UseFactors
}

const idField = z.string().min(1).max(64)

const powerField = z.number().min(0).max(200_000, 'That is more than any camper burns. Check the unit.')

const currentField = z.number().min(0).max(200, 'That is more than a camper’s wiring carries.')

const factorField = z.number().min(0.2).max(5)

/** An appliance of a trip and how long it burns. */
const applianceUseSchema = z.strictObject({
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

/** A trip as the trip verdict needs it. */
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
  /** Gas burned for each kilogram the habits would burn, as weigh-ins taught. */
  learned: z.strictObject({ line: factorField.optional(), bottles: factorField.optional() }).optional(),
})

const DAY_S = 86_400

/** A year and a day are more than any plan holds. */
const MAX_NIGHTS = 366

/**
 * Refuses a trip that cannot be.
 *
 * @throws InputError for nights under 1 or over a year, hours over 24 a day, or a reserve outside 0 to 1
 */
export function requireTrip(trip: TripPlan): void {
  if (!Number.isInteger(trip.nights) || trip.nights < 1) throw new InputError('nights', 'A trip has one night or more.')
  if (trip.nights > MAX_NIGHTS) throw new InputError('nights', 'Plan a year at most.')
  if (!(trip.reserveShare >= 0 && trip.reserveShare <= 1)) {
    throw new InputError('reserveShare', 'The reserve must lie between 0 and 100 %.')
  }
  for (const [i, use] of trip.uses.entries()) {
    if (!(use.burnPerDayS >= 0 && use.burnPerDayS <= DAY_S)) {
      throw new InputError(`uses.${i}.burnPerDayS`, `${use.name}: a day has 24 hours.`)
    }
  }
}

/** What of a use belongs to the trip and not to the appliance. */
export interface StoredUse {
  applianceId: string
  burnPerDayS: number
  habit: Habit | null
  byNight: readonly Energy[] | null
}

/** The uses of a trip as they are kept with it. */
export function storedUses(uses: readonly ApplianceUse[]): StoredUse[] {
  return uses.map(({ id, burnPerDayS, habit, byNight }) => ({
    applianceId: id,
    burnPerDayS,
    habit: habit ?? null,
    byNight: byNight ?? null,
  }))
}
