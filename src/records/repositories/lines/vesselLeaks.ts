import { and, asc, inArray, isNull } from 'drizzle-orm'
import type { CylinderFitness } from '@/core/cylinders/cylinderGear'
import { vesselItemKinds } from '@/core/leak-test/sheet/leakSheet'
import { stillLeaks } from '@/core/leak-test/sheet/leakTestState'
import type { Database } from '@/records/databaseType'
import { hasHappened } from '@/records/repositories/appendEvent'
import { leakReadings, leakTests } from '@/records/schema/lineTables'
import { findLeakTest } from './leakTests'
import { listLines } from './lines'

type VesselLeak = NonNullable<CylinderFitness['vesselLeak']>

/**
 * Leaks of the cylinders themselves by the last reading at each place, over all soap tests: a new test does not make
 * a vessel tight until a technician repaired it and that place was read again.
 *
 * @returns by the identifier of the cylinder
 */
export function vesselLeaks(database: Database, rigId: string): Map<string, VesselLeak> {
  const parts = listLines(database, rigId).flatMap(({ id: lineId, line }) =>
    line.parts.flatMap(({ id, cylinderId }) => (cylinderId ? [{ lineId, partId: id, cylinderId }] : [])),
  )
  const found = new Map<string, VesselLeak>()
  if (parts.length === 0) return found
  const items = parts.flatMap((part) =>
    vesselItemKinds.map((kind) => ({ ...part, kind, itemId: `${kind} ${part.partId}` })),
  )
  const lineOfTest = new Map(
    database
      .select({ id: leakTests.id, lineId: leakTests.lineId })
      .from(leakTests)
      .where(
        and(inArray(leakTests.lineId, [...new Set(parts.map(({ lineId }) => lineId))]), isNull(leakTests.voidedAt)),
      )
      .all()
      .map(({ id, lineId }) => [id, lineId]),
  )
  const oldestFirst = database
    .select()
    .from(leakReadings)
    .where(
      and(
        inArray(leakReadings.itemId, [...new Set(items.map(({ itemId }) => itemId))]),
        isNull(leakReadings.voidedAt),
        hasHappened(leakReadings.readAt),
      ),
    )
    .orderBy(asc(leakReadings.readAt), asc(leakReadings.sequence))
    .all()
  for (const { lineId, cylinderId, itemId, kind } of items) {
    const own = oldestFirst.filter((one) => one.itemId === itemId && lineOfTest.get(one.testId) === lineId)
    const leak = stillLeaks(own, kind !== 'bleeder')
    if (!leak || found.has(cylinderId)) continue
    const sheet = findLeakTest(database, leak.testId)?.sheet ?? []
    found.set(cylinderId, { place: sheet.find(({ id }) => id === itemId)?.name ?? itemId, foundAt: leak.readAt })
  }
  return found
}
