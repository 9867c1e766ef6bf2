import { lineFingerprint } from '@/core/hookup/line/lineChanges'
import type { JudgedLine } from '@/core/trip/readiness/lineFindings'
import type { LineTightness } from '@/core/leak-test/sheet/leakFindings'
import type { Database } from '@/records/databaseType'
import { lastFills } from '@/records/repositories/cylinders/fills'
import { lastHold } from './holdTests'
import { lastLeakTest, type LeakTest } from './leakTests'
import { listLines, type StoredLine } from './lines'

function recordOf(test: LeakTest | null): LineTightness['lastTest'] {
  if (!test) return null
  const { startedAt, fingerprint, sheet, readings, closedAt } = test
  return {
    startedAt,
    fingerprint,
    sheet,
    readings: readings.map(({ itemId, grade, leftForTechnician, readAt, proof, repair }) => ({
      itemId,
      grade,
      leftForTechnician,
      readAt,
      proof,
      repair,
    })),
    closedAt,
  }
}

function tightnessOf(database: Database, { id, name, line }: StoredLine): LineTightness {
  const cylinderIds = line.parts.flatMap(({ cylinderId }) => cylinderId ?? [])
  const filled = [...lastFills(database, cylinderIds).values()].map(({ filledAt }) => filledAt)
  return {
    lineId: id,
    name,
    fingerprint: lineFingerprint(line),
    lastTest: recordOf(lastLeakTest(database, id)),
    lastHold: lastHold(database, id),
    refilledAt: filled.toSorted().at(-1) ?? null,
  }
}

/** The rig's lines with their leak tests, as core takes them. */
export function listJudgedLines(database: Database, rigId: string): JudgedLine[] {
  return listLines(database, rigId).map((row) => ({
    gear: { id: row.id, name: row.name, line: row.line },
    tightness: tightnessOf(database, row),
  }))
}
