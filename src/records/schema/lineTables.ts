import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import type { Line } from '@/core/hookup/line/line'
import { leakGrades } from '@/core/leak-test/sheet/leakReading'
import { type TechnicianRepair } from '@/core/leak-test/sheet/leakReading'
import type { PressureProof } from '@/core/leak-test/sheet/pressureProof'
import type { LeakItem } from '@/core/leak-test/sheet/leakSheet'
import { holdOutcomes } from '@/core/leak-test/hold/holdOutcome'
import type { LeakRateInput } from '@/core/leak-test/hold/leakRate'
import { eventColumns } from './columns'
import { rigs } from './schema'

/** The rig's lines, each drawn whole. */
export const lines = sqliteTable(
  'lines',
  {
    id: text().primaryKey(),
    rigId: text()
      .notNull()
      .references(() => rigs.id),
    name: text().notNull(),
    line: text({ mode: 'json' }).notNull().$type<Line>(),
    position: integer().notNull(),
    archivedAt: text(),
    version: integer().notNull().default(1),
  },
  (table) => [index('lines_rig').on(table.rigId)],
)

const ofLine = () =>
  text()
    .notNull()
    .references(() => lines.id)

/** Description of the change. */
export const lineChanges = sqliteTable(
  'line_changes',
  {
    id: text().primaryKey(),
    lineId: ofLine(),
    changedAt: text().notNull(),
    words: text().notNull(),
    ...eventColumns,
  },
  (table) => [index('line_changes_line').on(table.lineId)],
)

/** A walk along the line with soap; its places are those of the line as it was then. */
export const leakTests = sqliteTable(
  'leak_tests',
  {
    id: text().primaryKey(),
    lineId: ofLine(),
    startedAt: text().notNull(),
    fingerprint: text().notNull(),
    sheet: text({ mode: 'json' }).notNull().$type<LeakItem[]>(),
    ...eventColumns,
  },
  (table) => [index('leak_tests_line').on(table.lineId)],
)

export const leakReadings = sqliteTable(
  'leak_readings',
  {
    id: text().primaryKey(),
    testId: text()
      .notNull()
      .references(() => leakTests.id),
    itemId: text().notNull(),
    grade: text({ enum: leakGrades }).notNull(),
    leftForTechnician: integer({ mode: 'boolean' }).notNull(),
    readAt: text().notNull(),
    /** What proves the pressure, at a place of pressure. */
    proof: text({ mode: 'json' }).$type<PressureProof>(),
    /** Who repaired a vessel that leaked, and when. */
    repair: text({ mode: 'json' }).$type<TechnicianRepair>(),
    ...eventColumns,
  },
  (table) => [index('leak_readings_test').on(table.testId)],
)

/** The end of a walk: everything read none, and this appliance burned. */
export const leakClosings = sqliteTable(
  'leak_closings',
  {
    id: text().primaryKey(),
    testId: text()
      .notNull()
      .references(() => leakTests.id),
    closedAt: text().notNull(),
    burned: text().notNull(),
    ...eventColumns,
  },
  (table) => [index('leak_closings_test').on(table.testId)],
)

export const holdTests = sqliteTable(
  'hold_tests',
  {
    id: text().primaryKey(),
    lineId: ofLine(),
    heldAt: text().notNull(),
    side: text({ enum: ['low', 'cylinder'] }).notNull(),
    input: text({ mode: 'json' }).notNull().$type<LeakRateInput>(),
    outcome: text({ enum: holdOutcomes }).notNull(),
    /** Open branches, when isolated in turn. */
    openBranches: text({ mode: 'json' }).$type<string[]>(),
    ...eventColumns,
  },
  (table) => [index('hold_tests_line').on(table.lineId)],
)
