import { getTableName } from 'drizzle-orm'
import type { AnySQLiteColumn, SQLiteTable } from 'drizzle-orm/sqlite-core'
import { heaters, manualPages, rooms, warmUps } from '@/records/schema/heatTables'
import { holdTests, leakClosings, leakReadings, leakTests, lineChanges, lines } from '@/records/schema/lineTables'
import {
  appliances,
  cylinders,
  equipment,
  equipmentLooks,
  fills,
  levels,
  looks,
  marks,
  offers,
  photos,
  rigs,
  ticks,
  trips,
  tripUses,
  weighings,
} from '@/records/schema/schema'
import { drillRuns, faultEvents, rehearsals } from '@/records/schema/practiceTables'
import { acceptances, lessons, swaps, verdicts } from '@/records/schema/tripTables'

/** A table as the open format knows it. */
export interface ArchiveTable {
  /** As in the file: the table's own name. */
  name: string
  table: SQLiteTable
  /**
   * - `gear`: gear; a newer row may replace it
   * - `event`: what happened; it may be voided, never changed
   * - `kept`: never changed
   */
  kind: 'gear' | 'event' | 'kept'
  /** When it happened, for the order of events. */
  at?: AnySQLiteColumn
  /** Whether it is part of the export of one rig. */
  isGear: boolean
}

function gear(table: SQLiteTable, isGear = true): ArchiveTable {
  return { name: getTableName(table), table, kind: 'gear', isGear }
}

function event(table: SQLiteTable, at: AnySQLiteColumn, isGear = false): ArchiveTable {
  return { name: getTableName(table), table, kind: 'event', at, isGear }
}

function kept(table: SQLiteTable, at: AnySQLiteColumn): ArchiveTable {
  return { name: getTableName(table), table, kind: 'kept', at, isGear: false }
}

/** Names of the tables whose rows have a picture. */
export const pictureTables: readonly string[] = [photos, manualPages].map((table) => getTableName(table))

/** Every table that holds an owner's data, each after those it refers to. */
export const archiveTables: readonly ArchiveTable[] = [
  gear(rigs),
  gear(cylinders),
  kept(photos, photos.takenAt),
  event(weighings, weighings.weighedAt),
  event(levels, levels.readAt),
  event(marks, marks.enteredAt, true),
  event(looks, looks.lookedAt),
  event(fills, fills.filledAt),
  event(swaps, swaps.swappedAt),
  gear(equipment),
  event(equipmentLooks, equipmentLooks.lookedAt),
  gear(offers, false),
  gear(appliances),
  gear(lines),
  event(lineChanges, lineChanges.changedAt),
  event(leakTests, leakTests.startedAt),
  event(leakReadings, leakReadings.readAt),
  event(leakClosings, leakClosings.closedAt),
  event(holdTests, holdTests.heldAt),
  gear(rooms),
  gear(heaters),
  kept(manualPages, manualPages.takenAt),
  event(warmUps, warmUps.loggedAt, true),
  event(ticks, ticks.tickedAt),
  gear(trips, false),
  gear(tripUses, false),
  event(acceptances, acceptances.acceptedAt),
  event(lessons, lessons.learnedAt),
  kept(verdicts, verdicts.judgedAt),
  event(drillRuns, drillRuns.finishedAt),
  event(rehearsals, rehearsals.rehearsedAt),
  event(faultEvents, faultEvents.happenedAt),
]
