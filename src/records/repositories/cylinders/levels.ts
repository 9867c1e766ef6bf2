import { and, eq, isNull } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { QuantitySources } from '@/core/base/provenance'
import { lastOfEach } from './byCylinder'
import type { Database } from '@/records/databaseType'
import { appendEvent, type EventEntry, latestFirst, hasHappened } from '@/records/repositories/appendEvent'
import { levels } from '@/records/schema/schema'

export type StoredLevel = typeof levels.$inferSelect

/** Last valid reading of each cylinder. */
export function lastLevels(database: Database, cylinderIds: readonly string[]): Map<string, StoredLevel> {
  return lastOfEach(cylinderIds, (id) =>
    database
      .select()
      .from(levels)
      .where(and(eq(levels.cylinderId, id), isNull(levels.voidedAt), hasHappened(levels.readAt)))
      .orderBy(...latestFirst(levels.readAt, levels.sequence))
      .limit(1)
      .get(),
  )
}

/** All readings of a cylinder, newest first, including voided ones. */
export function listLevels(database: Database, cylinderId: string): StoredLevel[] {
  return database
    .select()
    .from(levels)
    .where(eq(levels.cylinderId, cylinderId))
    .orderBy(...latestFirst(levels.readAt, levels.sequence))
    .all()
}

/** A reading; without sources everything in it was entered. */
export type LevelEntry = Omit<EventEntry<typeof levels>, 'sources'> & { sources?: QuantitySources }

export function addLevel(database: Database, entry: LevelEntry, id: string = randomUUID()): StoredLevel {
  return appendEvent(database, levels, { ...entry, sources: entry.sources ?? {}, id }, 'readAt')
}
