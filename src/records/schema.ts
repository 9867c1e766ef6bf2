import { sql } from 'drizzle-orm'
import { check, index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { cylinderKinds, supplies } from '@/core/cylinders/cylinderKind'

/** What is true of the whole file, such as whether it holds the demo world. */
export const facts = sqliteTable('facts', {
  key: text().primaryKey(),
  value: text().notNull(),
})

export const rigs = sqliteTable('rigs', {
  id: text().primaryKey(),
  name: text().notNull(),
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
    aboard: integer({ mode: 'boolean' }).notNull().default(true),
    position: integer().notNull(),
    archivedAt: text(),
    version: integer().notNull().default(1),
  },
  (table) => [
    index('cylinders_rig').on(table.rigId),
    check('cylinders_tare', sql`${table.tareKg} > 0`),
    check('cylinders_water', sql`${table.waterCapacityKg} > 0`),
  ],
)

/** Append-only: a mistake is voided with a reason, never changed or erased. Triggers in drizzle/ hold it. */
export const weighings = sqliteTable(
  'weighings',
  {
    id: text().primaryKey(),
    cylinderId: text()
      .notNull()
      .references(() => cylinders.id),
    weighedAt: text().notNull(),
    grossKg: real().notNull(),
    hangingKg: real().notNull(),
    source: text({ enum: ['typed', 'scale'] }).notNull(),
    voidedAt: text(),
    voidReason: text(),
  },
  (table) => [index('weighings_cylinder').on(table.cylinderId, table.weighedAt)],
)

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
  },
  (table) => [primaryKey({ columns: [table.tripId, table.applianceId] })],
)
