import { sql } from 'drizzle-orm'
import { blob, check, index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { cylinderKinds, supplies } from '@/core/cylinders/cylinderKind'
import { equipmentKinds, type OptionalEquipment } from '@/core/cylinders/equipment/equipment'
import { fullMarks } from '@/core/cylinders/contents/liquidLevel'
import type { InspectionAnswers } from '@/core/cylinders/inspection/inspectionItems'
import { priceWays } from '@/core/fill/cost/fillCosts'
import type { Battery } from '@/core/run/battery/battery'
import type { OwnDrivingRule } from '@/core/run/travel/ownDrivingRule'
import type { Forecast } from '@/core/run/weather/forecast'
import { DEFAULT_RULE_ID, type OwnRule } from '@/core/rules/dateRules'
import { markLetters } from '@/core/cylinders/stamps/stampReading'
import { bottleFillRules, DEFAULT_BOTTLE_FILL_RULE, fillModes } from '@/core/fill/fillModes'
import { type Energy, type Habit } from '@/core/appliances/habit'
import { applianceKinds } from '@/core/appliances/applianceKinds'
import type { RigShell } from '@/core/heat/warmth/rigShell'
import type { RunSettings } from '@/core/run/runSettings'
import { eventColumns, photoColumns, sourcesColumn } from './columns'

/** What is true of the whole file, such as whether it is the demo. */
export const facts = sqliteTable('facts', {
  key: text().primaryKey(),
  value: text().notNull(),
})

export const rigs = sqliteTable('rigs', {
  id: text().primaryKey(),
  name: text().notNull(),
  /** Date rules that hold for its cylinders. */
  ruleSetId: text().notNull().default(DEFAULT_RULE_ID),
  ownRule: text({ mode: 'json' }).$type<OwnRule>(),
  bottleSchool: text({ enum: bottleFillRules }).notNull().default(DEFAULT_BOTTLE_FILL_RULE),
  /** The owner entered that nothing heats it. */
  heatless: integer({ mode: 'boolean' }).notNull().default(false),
  /** Its 12 V battery; null when not entered. */
  battery: text({ mode: 'json' }).$type<Battery>(),
  /** Kind and size of the rig, from which its heat loss is estimated; null when not told. */
  shell: text({ mode: 'json' }).$type<RigShell>(),
  sources: sourcesColumn(),
  /** Hoses or regulators, where the owner said that the rig has none. */
  noneNeeded: text({ mode: 'json' }).$type<OptionalEquipment[]>().notNull().default([]),
  /** What the owner looked up for gas on the road, by state or province. */
  drivingRules: text({ mode: 'json' }).$type<OwnDrivingRule[]>().notNull().default([]),
  archivedAt: text(),
  version: integer().notNull().default(1),
})

export const cylinders = sqliteTable(
  'cylinders',
  {
    id: text().primaryKey(),
    rigId: text()
      .notNull()
      .references(() => rigs.id),
    name: text().notNull(),
    kind: text({ enum: cylinderKinds }).notNull(),
    tareKg: real().notNull(),
    waterCapacityKg: real().notNull(),
    labelNetKg: real(),
    /** Month on the collar, `2031-03`: a month, not a date. */
    manufacturedMonth: text(),
    specification: text(),
    /** The collar as it was typed. */
    stampsText: text(),
    overfillStop: text({ enum: ['yes', 'no', 'unknown'] })
      .notNull()
      .default('unknown'),
    /** A composite's own interval and last month, from its label. */
    labelIntervalMonths: integer(),
    endOfLifeMonth: text(),
    /** A rule set of its own, and why. */
    ruleSetId: text(),
    ruleReason: text(),
    /** Setting of the relief valve, from the plate. */
    reliefGaugePa: real(),
    /** What the full mark of its gauge means. */
    fullMark: text({ enum: fullMarks }),
    sources: sourcesColumn(),
    aboard: integer({ mode: 'boolean' }).notNull().default(true),
    position: integer().notNull(),
    archivedAt: text(),
    version: integer().notNull().default(1),
  },
  (table) => [
    index('cylinders_rig').on(table.rigId),
    // A fixed tank is never weighed.
    check('cylinders_tare', sql`${table.tareKg} > 0 OR (${table.tareKg} = 0 AND ${table.kind} = 'onboard')`),
    check('cylinders_water', sql`${table.waterCapacityKg} > 0`),
  ],
)

const ofCylinder = () =>
  text()
    .notNull()
    .references(() => cylinders.id)

/** Append-only: a mistake is voided with a reason, never changed or erased. Triggers in drizzle/ hold it. */
export const weighings = sqliteTable(
  'weighings',
  {
    id: text().primaryKey(),
    cylinderId: ofCylinder(),
    weighedAt: text().notNull(),
    grossKg: real().notNull(),
    hangingKg: real().notNull(),
    source: text({ enum: ['typed', 'scale'] }).notNull(),
    ...eventColumns,
  },
  (table) => [
    index('weighings_cylinder').on(table.cylinderId, table.weighedAt),
    index('weighings_at').on(table.weighedAt),
  ],
)

/** Requalifications, stamped or on a sticker. */
export const marks = sqliteTable(
  'marks',
  {
    id: text().primaryKey(),
    cylinderId: ofCylinder(),
    enteredAt: text().notNull(),
    /** `2025-05`. */
    month: text().notNull(),
    letter: text({ enum: markLetters }),
    requalifier: text(),
    form: text({ enum: ['stamp', 'sticker'] }).notNull(),
    photoId: text().references(() => photos.id),
    ...eventColumns,
  },
  (table) => [index('marks_cylinder').on(table.cylinderId)],
)

/** Inspections; one with `clearedBy` puts a cylinder back into service. */
export const looks = sqliteTable(
  'looks',
  {
    id: text().primaryKey(),
    cylinderId: ofCylinder(),
    lookedAt: text().notNull(),
    answers: text({ mode: 'json' }).notNull().$type<InspectionAnswers>(),
    note: text(),
    /** Who cleared it, for a clearance. */
    clearedBy: text(),
    ...eventColumns,
  },
  (table) => [index('looks_cylinder').on(table.cylinderId)],
)

/** Readings of a gauge, a sensor or a warm-water line. */
export const levels = sqliteTable(
  'levels',
  {
    id: text().primaryKey(),
    cylinderId: ofCylinder(),
    readAt: text().notNull(),
    way: text({ enum: ['gauge', 'height', 'lifted', 'fill', 'swap'] }).notNull(),
    /** Share of the dial, or height in meters; 0 where a swap brought it. */
    shown: real().notNull(),
    liquidFraction: real().notNull(),
    temperatureK: real().notNull(),
    sources: sourcesColumn(),
    ...eventColumns,
  },
  (table) => [index('levels_last').on(table.cylinderId, table.readAt)],
)

export const fills = sqliteTable(
  'fills',
  {
    id: text().primaryKey(),
    cylinderId: ofCylinder(),
    filledAt: text().notNull(),
    mode: text({ enum: fillModes }).notNull(),
    /** Gas in it afterwards; null when it was neither weighed nor read. */
    netKg: real(),
    meteredM3: real(),
    /** Gauge reading before the fill, for calibration. */
    shownBefore: real(),
    paid: real(),
    /** Tax and fees, as a part of what was paid. */
    fees: real(),
    note: text(),
    weighingId: text().references(() => weighings.id),
    levelId: text().references(() => levels.id),
    ...eventColumns,
  },
  (table) => [index('fills_last').on(table.cylinderId, table.filledAt)],
)

/** Steps of a procedure as they were ticked. */
export const ticks = sqliteTable(
  'ticks',
  {
    id: text().primaryKey(),
    rigId: text()
      .notNull()
      .references(() => rigs.id),
    procedure: text().notNull(),
    /** The cylinder it is about; empty for the whole rig. */
    subjectId: text().notNull(),
    stepId: text().notNull(),
    tickedAt: text().notNull(),
    ...eventColumns,
  },
  (table) => [
    index('ticks_subject').on(table.rigId, table.procedure, table.subjectId),
    index('ticks_at').on(table.rigId, table.tickedAt),
  ],
)

/** Regulators, hoses, alarms, the extinguisher. */
export const equipment = sqliteTable(
  'equipment',
  {
    id: text().primaryKey(),
    rigId: text()
      .notNull()
      .references(() => rigs.id),
    kind: text({ enum: equipmentKinds }).notNull(),
    name: text().notNull(),
    madeMonth: text(),
    replaceByMonth: text(),
    position: integer().notNull(),
    archivedAt: text(),
    version: integer().notNull().default(1),
  },
  (table) => [index('equipment_rig').on(table.rigId)],
)

export const equipmentLooks = sqliteTable(
  'equipment_looks',
  {
    id: text().primaryKey(),
    equipmentId: text()
      .notNull()
      .references(() => equipment.id),
    lookedAt: text().notNull(),
    sound: integer({ mode: 'boolean' }).notNull(),
    note: text(),
    ...eventColumns,
  },
  (table) => [index('equipment_looks_last').on(table.equipmentId, table.lookedAt)],
)

/** Where gas is sold, and for what. */
export const offers = sqliteTable(
  'offers',
  {
    id: text().primaryKey(),
    rigId: text()
      .notNull()
      .references(() => rigs.id),
    place: text().notNull(),
    way: text({ enum: priceWays }).notNull(),
    price: real().notNull(),
    containsKg: real(),
    archivedAt: text(),
    version: integer().notNull().default(1),
  },
  (table) => [index('offers_rig').on(table.rigId), check('offers_price', sql`${table.price} > 0`)],
)

/** Pictures by their content, so that none can be replaced by another. */
export const photoContents = sqliteTable('photo_contents', {
  /** SHA-256, hexadecimal. */
  hash: text().primaryKey(),
  bytes: blob({ mode: 'buffer' }).notNull(),
})

/** Photos of collars. */
export const photos = sqliteTable('photos', { id: text().primaryKey(), cylinderId: ofCylinder(), ...photoColumns })

export const appliances = sqliteTable(
  'appliances',
  {
    id: text().primaryKey(),
    rigId: text()
      .notNull()
      .references(() => rigs.id),
    name: text().notNull(),
    inputW: real().notNull(),
    supply: text({ enum: supplies }).notNull(),
    kind: text({ enum: applianceKinds }).notNull().default('other'),
    /** Input of a standing pilot. */
    pilotW: real().notNull().default(0),
    /** From the battery, while it burns. */
    currentA: real().notNull().default(0),
    needsBattery: integer({ mode: 'boolean' }).notNull().default(false),
    /** A cylinder of its own, other than the line. */
    cylinderId: text().references(() => cylinders.id),
    /** With all burners at full, from its plate; null when nobody read it. */
    ratedInputW: real(),
    sources: sourcesColumn(),
    position: integer().notNull(),
    archivedAt: text(),
    version: integer().notNull().default(1),
  },
  (table) => [index('appliances_rig').on(table.rigId), check('appliances_input', sql`${table.inputW} > 0`)],
)

export const trips = sqliteTable(
  'trips',
  {
    id: text().primaryKey(),
    rigId: text()
      .notNull()
      .references(() => rigs.id),
    name: text().notNull(),
    /** Day of leaving, `2026-12-04`: a day where the owner is, without a time zone. */
    startDay: text().notNull(),
    nights: integer().notNull(),
    altitudeM: real().notNull(),
    coldestK: real(),
    reserveShare: real().notNull(),
    /** Run settings; defaults when null. */
    settings: text({ mode: 'json' }).$type<RunSettings>(),
    /** Forecast; made from the coldest night when null. */
    forecast: text({ mode: 'json' }).$type<Forecast>(),
    sources: sourcesColumn(),
    archivedAt: text(),
    version: integer().notNull().default(1),
  },
  (table) => [index('trips_rig').on(table.rigId), check('trips_nights', sql`${table.nights} >= 1`)],
)

export const tripUses = sqliteTable(
  'trip_uses',
  {
    tripId: text()
      .notNull()
      .references(() => trips.id),
    applianceId: text()
      .notNull()
      .references(() => appliances.id),
    burnPerDayS: real().notNull(),
    /** Habit; hours from the evening on when null. */
    habit: text({ mode: 'json' }).$type<Habit>(),
    /** What it runs on, night by night. */
    byNight: text({ mode: 'json' }).$type<readonly Energy[]>(),
    sources: sourcesColumn(),
    /** A stove or an oven that is lit for warmth; null when nobody said. */
    heatsRoom: integer({ mode: 'boolean' }),
  },
  (table) => [primaryKey({ columns: [table.tripId, table.applianceId] })],
)
