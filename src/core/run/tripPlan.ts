import { type ApplianceKind, applianceKinds, applianceTraits } from '@/core/appliances/applianceKinds'
import { type Energy, type Habit, energies, habitSchema } from '@/core/appliances/habit'
import { InputError } from '@/core/base/InputError'
import { type QuantitySources, quantitySourcesSchema } from '@/core/base/provenance'
import { z } from '@/core/base/zod'
import { type Supply, supplies } from '@/core/cylinders/cylinderKind'
import { dayField } from '@/core/time/day'
import { instantField } from '@/core/time/instant'
import { type Forecast, forecastSchema } from '@/core/run/weather/forecast'
import { changesFrom } from '@/core/time/tripClock'
import { type LearnedUse, learnedUseSchema, type UseFactors } from './learnedUse'
import { type RunSettings, runSettingsSchema, usualRunSettings } from './runSettings'

/** The owner's answer to a calibration. */
export const calibrationAnswers = ['taken', 'refused'] as const

export type CalibrationAnswer = (typeof calibrationAnswers)[number]

/** An appliance and how long it burns in a day and night. */
export interface ApplianceUse {
  id: string
  name: string
  inputW: number
  supply: Supply
  /** Daily time at full input; computed from habit and weather when there is a habit. */
  burnPerDayS: number
  kind?: ApplianceKind
  pilotW?: number
  /** Drawn from the battery while it burns. */
  currentA?: number
  /** Drawn when it runs on the battery instead. */
  batteryA?: number
  needsBattery?: boolean
  /** With all burners at full, from its plate; null or absent when nobody read it. */
  ratedInputW?: number | null
  /** A cylinder of its own, other than the rig’s line. */
  cylinderId?: string | null
  /** Habit; full input from the evening on when absent. */
  habit?: Habit | null
  /** Energy source of each night; gas for nights not listed. */
  byNight?: readonly Energy[] | null
  /** How `habit`, hours or warmth, is known; entered when absent. */
  sources?: QuantitySources
  /** What a trip taught of it, where it was applied. */
  taught?: LearnedUse | null
  /** A stove or an oven that is lit for warmth; null or absent when nobody said. */
  heatsRoom?: boolean | null
}

/** A trip as core needs it. */
export interface TripPlan {
  id: string
  name: string
  /** Day of leaving, `2026-12-04`. */
  startDay: string
  /** Instant of leaving, UTC: the start hour of that day where the owner is. */
  startAt?: string
  nights: number
  /** Duration from its start, when it ends before the last night: used for the rest of a trip under way. */
  lastsS?: number
  /** Reserve as a share of the trip’s gas: 0.2 for a fifth. */
  reserveShare: number
  altitudeM: number
  /** How its numbers are known; entered when absent. */
  sources?: QuantitySources
  coldestK: number | null
  uses: readonly ApplianceUse[]
  /** How it is run; the usual when absent. */
  settings?: RunSettings | null
  /** Hour by hour; made from the coldest night when absent. */
  forecast?: Forecast | null
  /** Learned use factors. */
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
  ratedInputW: powerField.nullish(),
  cylinderId: idField.nullish(),
  habit: habitSchema.nullish(),
  byNight: z.array(z.enum(energies)).max(366).nullish(),
  sources: quantitySourcesSchema.optional(),
  heatsRoom: z.boolean().nullish(),
})

/** A trip as the trip verdict needs it. */
export const tripPlanSchema = z.strictObject({
  id: idField,
  name: z.string().max(60),
  startDay: dayField(),
  /** Instant of leaving; by the offset of the moment of judgment when absent. */
  startAt: instantField.optional(),
  nights: z
    .int('A trip has a whole number of nights.')
    .min(1, 'A trip has one night or more.')
    .max(366, 'Plan a year at most.'),
  reserveShare: z.number().min(0).max(1, 'The reserve is at most 100 %.'),
  altitudeM: z.number().min(-500).max(6000, 'No camper goes that high.'),
  sources: quantitySourcesSchema.optional(),
  coldestK: z.number().min(203.15).max(333.15).nullable(),
  uses: z.array(applianceUseSchema).max(100),
  settings: runSettingsSchema.nullish(),
  forecast: forecastSchema.nullish(),
  /** Learned use factors: gas burned per kilogram by the habits. */
  learned: z
    .strictObject({
      line: factorField.optional(),
      bottles: factorField.optional(),
      uses: z.array(learnedUseSchema).max(100).optional(),
    })
    .optional(),
})

const HOUR_S = 3600

const DAY_S = 86_400

/** A year and a day are more than any plan holds. */
const MAX_NIGHTS = 366

/**
 * Rejects an impossible trip.
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

/** Whether an appliance burns at all on a trip, by hours or by a habit. */
export function isBurning({ burnPerDayS, habit }: Pick<ApplianceUse, 'burnPerDayS' | 'habit'>): boolean {
  return burnPerDayS > 0 || (habit !== null && habit !== undefined)
}

/** Whether a heater burns on a trip. */
export function isHeating(use: ApplianceUse): boolean {
  return applianceTraits[use.kind ?? 'other'].isHeater && isBurning(use)
}

/** Part of a use that belongs to the trip, not to the appliance. */
export interface StoredUse {
  applianceId: string
  burnPerDayS: number
  habit: Habit | null
  byNight: readonly Energy[] | null
  sources?: QuantitySources
  heatsRoom?: boolean | null
}

/** The uses of a trip as stored with it. */
export function storedUses(uses: readonly ApplianceUse[]): StoredUse[] {
  return uses.map(({ id, burnPerDayS, habit, byNight, sources, heatsRoom }) => ({
    applianceId: id,
    burnPerDayS,
    habit: habit ?? null,
    byNight: byNight ?? null,
    sources: sources ?? {},
    heatsRoom: heatsRoom ?? null,
  }))
}

/**
 * A plan with other settings; when these leave at another hour, its instant of leaving and clock changes move along.
 *
 * @param plan - with the clock changes of its own hour
 * @param settings - that it gets, apart from the clock changes
 */
export function withSettings(plan: TripPlan, settings: RunSettings): TripPlan {
  const { startH, clockChanges } = plan.settings ?? usualRunSettings
  const laterS = (settings.startH - startH) * HOUR_S
  return {
    ...plan,
    ...(plan.startAt !== undefined && { startAt: new Date(Date.parse(plan.startAt) + laterS * 1000).toISOString() }),
    settings: { ...settings, clockChanges: changesFrom(clockChanges, laterS) },
  }
}
