import { energies, habitSchema } from '@/core/appliances/habit'
import { applianceKinds } from '@/core/appliances/applianceKinds'
import { z } from '@/core/base/zod'
import { batterySchema } from '@/core/run/battery/battery'
import { changeovers, runSettingsSchema } from '@/core/run/runSettings'
import { forecastSchema } from '@/core/run/weather/forecast'
import { cylinderSites } from '@/core/vaporization/heatTransfer'
import { isDay } from '@/core/time/day'
import { vesselOrientations } from '@/core/vaporization/vessel'
import { tripRunIssues } from './tripRunIssues'

/** Perturbation of one Monte Carlo run. */
export interface Perturbation {
  /** Temperature offset from the forecast. */
  offsetK: (timeS: number) => number
  windFactor: number
  /** Factor on the habit of an appliance. */
  factorOf: (applianceId: string) => number
}

const idField = z.string().min(1).max(64)

const powerField = z
  .number()
  .min(0, 'A heat input is not less than zero.')
  .max(200_000, 'That is more than any camper burns. Check the unit.')

const currentField = z.number().min(0).max(200, 'That is more than a camper’s wiring carries.')

/** Default inlet pressure that a regulator needs. [common practice: 5 to 10 psi] */
export const USUAL_NEED_PA = 68_947.6

const tripCylinderSchema = z.strictObject({
  id: idField,
  name: z.string().max(60).default(''),
  sourceId: idField.default('line'),
  massKg: z
    .number()
    .min(0, 'The gas aboard cannot be less than zero: does the cylinder weigh less than its tare?')
    .max(2000),
  waterCapacityKg: z.number().positive('The water capacity is more than zero.').max(5000),
  /** Fill limit on the way; 42 % of its water capacity when absent. */
  limitKg: z.number().positive().max(2100).optional(),
  stands: z.enum(vesselOrientations).default('upright'),
  diameterM: z.number().positive().max(3).optional(),
  wallKg: z.number().min(0).max(3000).optional(),
})

export const tripSourceSchema = z.strictObject({
  id: idField,
  name: z.string().max(60).default(''),
  changeover: z.enum(changeovers).default('one-side'),
  /** Inlet pressure that its regulator needs. */
  needGaugePa: z.number().min(0).max(1_000_000).default(USUAL_NEED_PA),
  /** Heat its regulator is rated to pass; null where unknown. */
  ratedW: z.number().positive().max(1_000_000).nullable().default(null),
  site: z.enum(cylinderSites).default('locker'),
})

export const tripApplianceSchema = z.strictObject({
  id: idField,
  name: z.string().max(60).default(''),
  sourceId: idField.default('line'),
  kind: z.enum(applianceKinds).default('other'),
  inputW: powerField,
  pilotW: powerField.default(0),
  currentA: currentField.default(0),
  batteryA: currentField.default(0),
  needsBattery: z.boolean().default(false),
  habit: habitSchema,
  /** Gas burned per kilogram by the habit. */
  useFactor: z.number().min(0.2).max(5).default(1),
  /** Energy source of each night; gas for nights not listed. */
  byNight: z.array(z.enum(energies)).max(366).default([]),
})

/** Local time with its offset, such as `2026-12-04T15:00-07:00`. */
const startField = z
  .string()
  .regex(
    /^\d{4}-\d\d-\d\dT([01]\d|2[0-3]):[0-5]\d(:[0-5]\d(\.\d+)?)?(Z|[+-]\d\d:\d\d)?$/,
    'Write the start as 2026-12-04T15:00-07:00.',
  )
  .refine((text) => isDay(text.slice(0, 10)), 'There is no such day.')

export const tripRunSchema = z
  .strictObject({
    startISO: startField,
    nights: z
      .int('A trip has a whole number of nights.')
      .min(1, 'A trip has one night or more.')
      .max(366, 'Plan a year at most.'),
    /** Duration, when it ends before the last night is over. */
    lastsS: z.number().positive().nullable().default(null),
    altitudeM: z.number().min(-500).max(6000, 'No camper goes that high.').default(0),
    cylinders: z.array(tripCylinderSchema).min(1, 'Name one cylinder or more.').max(40),
    /** Changeover of the line when no sources are listed. */
    changeover: z.enum(changeovers).default('one-side'),
    sources: z.array(tripSourceSchema).max(40).default([]),
    appliances: z.array(tripApplianceSchema).max(100),
    /** Heat loss and capacity of the room per watt of gas burned in it; null when unknown. */
    rig: z
      .strictObject({ lossWPerK: z.number().positive().max(5000), capacityJPerK: z.number().positive().max(1e8) })
      .nullable()
      .default(null),
    forecast: forecastSchema,
    battery: batterySchema.nullable().default(null),
    getUp: z.boolean().default(false),
    wakeH: z.number().min(0).max(24).default(7),
    sleepH: z.number().min(0).max(24).default(22.5),
    shoreNights: runSettingsSchema.shape.shoreNights,
    refills: runSettingsSchema.shape.refills,
    /** Clock changes during the trip: seconds since the start, and the shift. */
    clockChanges: z
      .array(z.strictObject({ atS: z.number().min(0), shiftS: z.number().min(-7200).max(7200) }))
      .max(4)
      .default([]),
    stepS: z.number().min(10, 'Steps of ten seconds or more.').max(3600, 'Steps of an hour at most.').default(300),
  })
  .superRefine((trip, context) => {
    // Fields that cannot be are told first.
    if (context.issues.length > 0) return
    for (const { path, message } of tripRunIssues(trip)) {
      context.addIssue({ code: 'custom', path: path.split('.'), message })
    }
  })

export type TripRunInput = z.output<typeof tripRunSchema>

export type TripSource = z.output<typeof tripSourceSchema>

export type TripCylinder = z.output<typeof tripCylinderSchema>

export type TripAppliance = z.output<typeof tripApplianceSchema>

/** Cause of an outage. */
export type OutageCause = 'empty' | 'cold' | 'regulator' | 'battery' | 'lever'

export interface Outage {
  sourceId: string
  fromS: number
  toS: number
  cause: OutageCause
  /** Unmet gas demand. */
  missingKg: number
  /** Usable gas in the source’s cylinders when it began. */
  leftKg: number
  applianceIds: readonly string[]
}

/** A change of sides. */
export interface SideChange {
  sourceId: string
  atS: number
  fromId: string
  toId: string
  by: 'hand' | 'automatic'
  /** Whether everyone is asleep. */
  asleep: boolean
}

export interface CylinderOutcome {
  id: string
  startKg: number
  refilledKg: number
  usedKg: number
  leftKg: number
  /** Gas that cold left unused at the end; 0 without an outage by cold. */
  strandedKg: number
  emptyAtS: number | null
  coldestK: number
  /** Energy balance: through the wall, out with gas, in with refills, and change of the stored energy. */
  balance: { heatInJ: number; gasOutJ: number; broughtJ: number; storedJ: number }
}

interface ApplianceOutcome {
  id: string
  wantedKg: number
  givenKg: number
  /** Drawn from the battery for it, As. */
  chargeC: number
}

export interface SourceMoment {
  /** Highest gauge pressure of its cylinders in use. */
  gaugePa: number
  inUseId: string | null
  wantedW: number
  givenW: number
}

export interface TripMoment {
  timeS: number
  outsideK: number
  windMS: number
  roomK: number | null
  /** In the order of the sources. */
  sources: readonly SourceMoment[]
  /** In the order of the cylinders. */
  cylinders: readonly { massKg: number; temperatureK: number; gaugePa: number; frosted: boolean }[]
  batteryShare: number | null
}

/** Time at which the pressure is closest to the regulator's need, or first below it. */
export interface WeakMoment {
  sourceId: string
  atS: number
  gaugePa: number
  marginPa: number
}

export interface TripRun {
  sources: readonly TripSource[]
  series: readonly TripMoment[]
  outages: readonly Outage[]
  changes: readonly SideChange[]
  cylinders: readonly CylinderOutcome[]
  appliances: readonly ApplianceOutcome[]
  weak: WeakMoment | null
  /** When the battery was first flat, and its lowest charge. */
  battery: { flatAtS: number | null; leastShare: number } | null
  usedKg: number
  leftKg: number
  strandedKg: number
  startH: number
  stepS: number
}
