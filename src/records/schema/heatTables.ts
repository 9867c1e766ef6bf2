import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import type { Heater } from '@/core/heat/heaters/heater'
import type { WarmUpInput } from '@/core/heat/warmth/warmUpFit'
import type { RoomPlan } from '@/core/heat/room/roomPlan'
import { eventColumns, photoColumns, sourcesColumn } from './columns'
import { appliances, rigs } from './schema'

const rigReference = () =>
  text()
    .notNull()
    .references(() => rigs.id)

/** Rooms of the rig: walls, openings, objects, and heater placements. */
export const rooms = sqliteTable(
  'rooms',
  {
    id: text().primaryKey(),
    rigId: rigReference(),
    name: text().notNull(),
    shelter: text({ mode: 'json' }).notNull().$type<RoomPlan>(),
    sources: sourcesColumn(),
    position: integer().notNull(),
    archivedAt: text(),
    version: integer().notNull().default(1),
  },
  (table) => [index('rooms_rig').on(table.rigId)],
)

export const heaters = sqliteTable(
  'heaters',
  {
    id: text().primaryKey(),
    rigId: rigReference(),
    /** The appliance of the rig that it is. */
    applianceId: text().references(() => appliances.id),
    name: text().notNull(),
    heater: text({ mode: 'json' }).notNull().$type<Heater>(),
    sources: sourcesColumn(),
    /** What it costs and for how many nights it lasts, as its owner computes. */
    price: real(),
    lastsNights: real(),
    position: integer().notNull(),
    archivedAt: text(),
    version: integer().notNull().default(1),
  },
  (table) => [index('heaters_rig').on(table.rigId)],
)

/** Photos of a heater's manual. */
export const manualPages = sqliteTable(
  'manual_pages',
  {
    id: text().primaryKey(),
    heaterId: text()
      .notNull()
      .references(() => heaters.id),
    ...photoColumns,
  },
  (table) => [index('manual_pages_heater').on(table.heaterId)],
)

/** A warm-up of a room, measured. */
export const warmUps = sqliteTable(
  'warm_ups',
  {
    id: text().primaryKey(),
    roomId: text()
      .notNull()
      .references(() => rooms.id),
    loggedAt: text().notNull(),
    log: text({ mode: 'json' }).notNull().$type<WarmUpInput>(),
    /** The setting was written down; else it is only supposed. */
    settingKnown: integer({ mode: 'boolean' }).notNull(),
    ...eventColumns,
  },
  (table) => [index('warm_ups_room').on(table.roomId)],
)
