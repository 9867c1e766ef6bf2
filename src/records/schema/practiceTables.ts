import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { eventColumns } from './columns'
import { lines } from './lineTables'
import { rigs } from './schema'

const ofRig = () =>
  text()
    .notNull()
    .references(() => rigs.id)

/** Drills that were played to an end. */
export const drillRuns = sqliteTable(
  'drill_runs',
  {
    id: text().primaryKey(),
    rigId: ofRig(),
    /** See core/practice/drills; one of a later version is shown by its identifier. */
    drill: text().notNull(),
    seed: integer().notNull(),
    finishedAt: text().notNull(),
    result: text({ enum: ['good', 'bad'] }).notNull(),
    /** Why it ended badly. */
    reason: text(),
    /** Time that the rig's clock ran, and what an expert takes. */
    durationS: real().notNull(),
    expertDurationS: real().notNull(),
    /** Gas burned and lost. */
    gasKg: real().notNull(),
    ...eventColumns,
  },
  (table) => [index('drill_runs_rig').on(table.rigId, table.drill, table.finishedAt)],
)

/** Emergency sheets walked through with everybody aboard. */
export const rehearsals = sqliteTable(
  'rehearsals',
  {
    id: text().primaryKey(),
    rigId: ofRig(),
    rehearsedAt: text().notNull(),
    /** People who took part. */
    people: integer().notNull(),
    /** Identifiers of the sheets. */
    sheets: text({ mode: 'json' }).notNull().$type<string[]>(),
    note: text(),
    ...eventColumns,
  },
  (table) => [index('rehearsals_rig').on(table.rigId, table.rehearsedAt)],
)

/** Faults that were found on the rig, and their repairs. */
export const faultEvents = sqliteTable(
  'fault_events',
  {
    id: text().primaryKey(),
    rigId: ofRig(),
    what: text({ enum: ['found', 'repaired'] }).notNull(),
    /** See core/practice/faults. */
    kind: text().notNull(),
    lineId: text().references(() => lines.id),
    /** Part or joint of the line. */
    place: text().notNull(),
    partId: text().notNull(),
    /** As the part was called then. */
    name: text().notNull(),
    happenedAt: text().notNull(),
    /** Who repaired it, or what was found. */
    note: text(),
    ...eventColumns,
  },
  (table) => [index('fault_events_rig').on(table.rigId, table.happenedAt)],
)
