import { and, desc, eq, inArray, isNotNull, isNull, max } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import { emptyLevel } from '@/core/cylinders/contents/liquidLevel'
import type { Database } from '@/records/databaseType'
import { appendEvent, type EventEntry, hasHappened } from '@/records/repositories/appendEvent'
import { addLevel } from '@/records/repositories/cylinders/levels'
import { swaps } from '@/records/schema/tripTables'
import { write } from '@/records/write'

export type StoredSwap = typeof swaps.$inferSelect
export type SwapEntry = Omit<EventEntry<typeof swaps>, 'levelId'>

/** Valid swaps from any of these cylinders, newest first. */
export function listSwaps(database: Database, cylinderIds: readonly string[]): StoredSwap[] {
  return database
    .select()
    .from(swaps)
    .where(and(inArray(swaps.cylinderId, [...cylinderIds]), isNull(swaps.voidedAt), hasHappened(swaps.swappedAt)))
    .orderBy(desc(swaps.swappedAt))
    .all()
}

/** All swaps from a cylinder, newest first, including voided ones. */
export function listSwapsOf(database: Database, cylinderId: string): StoredSwap[] {
  return database.select().from(swaps).where(eq(swaps.cylinderId, cylinderId)).orderBy(desc(swaps.swappedAt)).all()
}

/** For each of these cylinders the last valid swap until which it had stayed closed. */
export function shutUntil(database: Database, cylinderIds: readonly string[]): Map<string, string> {
  const found = database
    .select({ otherId: swaps.otherId, at: max(swaps.swappedAt) })
    .from(swaps)
    .where(
      and(
        inArray(swaps.otherId, [...cylinderIds]),
        isNotNull(swaps.otherId),
        eq(swaps.otherShut, true),
        isNull(swaps.voidedAt),
        hasHappened(swaps.swappedAt),
      ),
    )
    .groupBy(swaps.otherId)
    .all()
  return new Map(found.flatMap(({ otherId, at }) => (otherId && at ? [[otherId, at]] : [])))
}

/** Appends a swap, together with what is left in a cylinder found empty: both or neither. */
export function addSwap(database: Database, entry: SwapEntry, id: string = randomUUID()): StoredSwap {
  return write(database, () => {
    const { cylinderId, swappedAt, found } = entry
    const level =
      found === 'empty' ? addLevel(database, { cylinderId, way: 'swap', shown: 0, ...emptyLevel(swappedAt) }) : null
    return appendEvent(database, swaps, { ...entry, id, levelId: level?.id ?? null }, 'swappedAt')
  })
}
