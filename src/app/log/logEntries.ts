import { inArray } from 'drizzle-orm'
import type { HistoryEntry } from '@/app/shared/History'
import { leakHistory, describeHold } from '@/app/leak-test/leakHistory'
import { warmUpHistory } from '@/app/heat/warm-up/warmUpHistory'
import {
  fillEntry,
  describeLevel,
  describeInspection,
  describeMark,
  describeWeighing,
} from '@/app/shared/describeCylinderEvents'
import { describeSwap } from '@/app/shared/describeSwap'
import { findCylinder } from '@/records/repositories/cylinders/cylinders'
import { database } from '@/records/database'
import { warmUps } from '@/records/schema/heatTables'
import { findLeakTest } from '@/records/repositories/lines/leakTests'
import { holdTests } from '@/records/schema/lineTables'
import type { LogName, LogRow } from '@/records/repositories/logbook'
import { fills, levels, looks, marks, weighings } from '@/records/schema/schema'
import { swaps } from '@/records/schema/tripTables'
import { logKey } from './logKinds'
import { plainEntries } from './plainEntries'

/** A line of the logbook with the thing it is about. */
export interface LogEntry extends HistoryEntry {
  subject: string
}

const idsOf = (rows: readonly LogRow[], of: LogName): string[] =>
  rows.filter((row) => row.of === of).map(({ id }) => id)

/** Descriptions of cylinder events. */
function cylinderEntries(rows: readonly LogRow[]): HistoryEntry[] {
  const records = database()
  const subjects = new Set(rows.map(({ subjectId }) => subjectId))
  const gears = new Map(
    [...subjects].flatMap((id) => {
      const gear = findCylinder(records, id)?.gear
      return gear ? [[id, gear] as const] : []
    }),
  )
  const entry = <Row extends { cylinderId: string }>(
    found: readonly Row[],
    words: (gear: NonNullable<ReturnType<typeof gears.get>>, row: Row) => HistoryEntry,
  ): HistoryEntry[] =>
    found.flatMap((row) => {
      const gear = gears.get(row.cylinderId)
      return gear ? [words(gear, row)] : []
    })
  const weighed = records
    .select()
    .from(weighings)
    .where(inArray(weighings.id, idsOf(rows, 'weighing')))
    .all()
  const read = records
    .select()
    .from(levels)
    .where(inArray(levels.id, idsOf(rows, 'reading')))
    .all()
  const filled = records
    .select()
    .from(fills)
    .where(inArray(fills.id, idsOf(rows, 'fill')))
    .all()
  const looked = records
    .select()
    .from(looks)
    .where(inArray(looks.id, idsOf(rows, 'look-over')))
    .all()
  const marked = records
    .select()
    .from(marks)
    .where(inArray(marks.id, idsOf(rows, 'mark')))
    .all()
  const swapped = records
    .select()
    .from(swaps)
    .where(inArray(swaps.id, idsOf(rows, 'swap')))
    .all()
  return [
    ...entry(weighed, describeWeighing),
    ...entry(read, describeLevel),
    ...entry(filled, fillEntry),
    ...entry(looked, describeInspection),
    ...entry(marked, (_, mark) => describeMark(mark)),
    ...swapped.map(describeSwap),
  ]
}

/** Descriptions of tests and warm-ups. */
function testEntries(rows: readonly LogRow[]): HistoryEntry[] {
  const records = database()
  const tests = idsOf(rows, 'leak-test').flatMap((id) => findLeakTest(records, id) ?? [])
  const held = records
    .select()
    .from(holdTests)
    .where(inArray(holdTests.id, idsOf(rows, 'hold-test')))
    .all()
  const warmed = records
    .select()
    .from(warmUps)
    .where(inArray(warmUps.id, idsOf(rows, 'warm-up')))
    .all()
  return [
    ...leakHistory({ tests, holds: [] }).filter(({ of }) => of === 'leak-test'),
    ...held.map(describeHold),
    ...warmUpHistory(warmed),
  ]
}

/**
 * Descriptions of logbook lines, in order.
 *
 * @param rows - from logPage
 */
export function logEntries(rows: readonly LogRow[]): LogEntry[] {
  const spoken = new Map([...cylinderEntries(rows), ...testEntries(rows)].map((entry) => [logKey(entry), entry]))
  const plain = plainEntries(rows.filter((row) => !spoken.has(logKey(row))))
  return rows.flatMap((row) => {
    const entry = spoken.get(logKey(row)) ?? plain.get(logKey(row))
    return entry ? [{ ...entry, subject: row.subject }] : []
  })
}
