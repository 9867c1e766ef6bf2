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
import { cylindersOf } from '@/services/cylinders/requireCylinder'
import { loggedCylinderEvents, loggedTests, type LogRow } from '@/services/log/logbook'
import { logKey } from './logKinds'
import { plainEntries } from './plainEntries'

/** A line of the logbook with the thing it is about. */
export interface LogEntry extends HistoryEntry {
  subject: string
}

/** Descriptions of cylinder events. */
function cylinderEntries(rows: readonly LogRow[]): HistoryEntry[] {
  const subjects = new Set(rows.map(({ subjectId }) => subjectId))
  const gears = new Map(cylindersOf([...subjects]).map(({ gear }) => [gear.id, gear]))
  const entry = <Row extends { cylinderId: string }>(
    found: readonly Row[],
    words: (gear: NonNullable<ReturnType<typeof gears.get>>, row: Row) => HistoryEntry,
  ): HistoryEntry[] =>
    found.flatMap((row) => {
      const gear = gears.get(row.cylinderId)
      return gear ? [words(gear, row)] : []
    })
  const { weighings, levels, fills, inspections, marks, swaps } = loggedCylinderEvents(rows)
  return [
    ...entry(weighings, describeWeighing),
    ...entry(levels, describeLevel),
    ...entry(fills, fillEntry),
    ...entry(inspections, describeInspection),
    ...entry(marks, (_, mark) => describeMark(mark)),
    ...swaps.map(describeSwap),
  ]
}

/** Descriptions of tests and warm-ups. */
function testEntries(rows: readonly LogRow[]): HistoryEntry[] {
  const { soapTests, holdTests, warmUps } = loggedTests(rows)
  return [
    ...leakHistory({ tests: soapTests, holds: [] }).filter(({ of }) => of === 'leak-test'),
    ...holdTests.map(describeHold),
    ...warmUpHistory(warmUps),
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
