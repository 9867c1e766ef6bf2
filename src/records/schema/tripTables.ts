import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { supplies } from '@/core/cylinders/cylinderKind'
import { verdicts as verdictNames } from '@/core/findings/verdict'
import type { LearnedUse } from '@/core/run/learnedUse'
import { calibrationAnswers } from '@/core/run/tripPlan'
import { swapFinds } from '@/core/trip/usage/swap'
import type { Phrase } from '@/core/base/quantity'
import type { VerdictSnapshot } from '@/core/trip/readiness/verdictSnapshot'
import { eventColumns } from './columns'
import { cylinders, levels, trips } from './schema'

const ofTrip = () =>
  text()
    .notNull()
    .references(() => trips.id)

/** A finding accepted for one trip, with the reason. */
export const acceptances = sqliteTable(
  'acceptances',
  {
    id: text().primaryKey(),
    tripId: ofTrip(),
    /** Which finding: see core/readiness/findingKey. */
    findingKey: text().notNull(),
    /** As it read when it was accepted. */
    sentence: text({ mode: 'json' }).notNull().$type<Phrase>(),
    reason: text().notNull(),
    acceptedAt: text().notNull(),
    ...eventColumns,
  },
  (table) => [index('acceptances_trip').on(table.tripId)],
)

/** A verdict as it was given, with all that it was based on; never changed, voided or erased. */
export const verdicts = sqliteTable(
  'verdicts',
  {
    id: text().primaryKey(),
    tripId: ofTrip(),
    judgedAt: text().notNull(),
    verdict: text({ enum: verdictNames }).notNull(),
    /** Hash of the gear, the plan and the acceptances. */
    fingerprint: text().notNull(),
    kept: text({ mode: 'json' }).notNull().$type<VerdictSnapshot>(),
  },
  (table) => [index('verdicts_trip').on(table.tripId, table.judgedAt)],
)

/** Calibration of a trip's use, and the owner's answer. */
export const lessons = sqliteTable(
  'lessons',
  {
    id: text().primaryKey(),
    tripId: ofTrip(),
    supply: text({ enum: supplies }).notNull(),
    answer: text({ enum: calibrationAnswers }).notNull(),
    /** Gas burned for each kilogram that the habits as entered would have burned. */
    factor: real().notNull(),
    burntKg: real().notNull(),
    plannedKg: real().notNull(),
    /** Time of the last reading it is based on. */
    untilAt: text().notNull(),
    learnedAt: text().notNull(),
    /** What is taken over, by appliance; null in rows of 0.6.0 and earlier, which are of the supply as a whole. */
    uses: text({ mode: 'json' }).$type<LearnedUse[]>(),
    ...eventColumns,
  },
  (table) => [index('lessons_trip').on(table.tripId)],
)

/** A swap: the cylinder that ran out and the one opened instead. */
export const swaps = sqliteTable(
  'swaps',
  {
    id: text().primaryKey(),
    cylinderId: text()
      .notNull()
      .references(() => cylinders.id),
    otherId: text().references(() => cylinders.id),
    swappedAt: text().notNull(),
    found: text({ enum: swapFinds }).notNull(),
    /** Whether the other had stayed closed until then; null when unknown. */
    otherShut: integer({ mode: 'boolean' }),
    /** Contents left in one found empty. */
    levelId: text().references(() => levels.id),
    ...eventColumns,
  },
  (table) => [
    index('swaps_last').on(table.cylinderId, table.swappedAt),
    index('swaps_other').on(table.otherId, table.swappedAt),
  ],
)
