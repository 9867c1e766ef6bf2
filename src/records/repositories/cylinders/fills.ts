import { and, eq, isNull } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import { lastOfEach } from './byCylinder'
import type { Database } from '@/records/databaseType'
import { appendEvent, type EventEntry, latestFirst, hasHappened } from '@/records/repositories/appendEvent'
import { addLevel, type LevelEntry } from './levels'
import { fills } from '@/records/schema/schema'
import { addWeighing, type StoredWeighing } from './weighings'
import { write } from '@/records/write'

export type StoredFill = typeof fills.$inferSelect

/** Data of a fill; its measurement is passed with it. */
export type FillEntry = Omit<EventEntry<typeof fills>, 'weighingId' | 'levelId' | 'fees'> & { fees?: number | null }

type Afterwards =
  | { weighing: Pick<StoredWeighing, 'grossKg' | 'hangingKg' | 'source'> }
  | { level: Pick<LevelEntry, 'shown' | 'liquidFraction' | 'temperatureK' | 'sources'> }
  | null

/** Last valid fill of each cylinder. */
export function lastFills(database: Database, cylinderIds: readonly string[]): Map<string, StoredFill> {
  return lastOfEach(cylinderIds, (id) =>
    database
      .select()
      .from(fills)
      .where(and(eq(fills.cylinderId, id), isNull(fills.voidedAt), hasHappened(fills.filledAt)))
      .orderBy(...latestFirst(fills.filledAt, fills.sequence))
      .limit(1)
      .get(),
  )
}

/** All fills of a cylinder, newest first, including voided ones. */
export function listFills(database: Database, cylinderId: string): StoredFill[] {
  return database
    .select()
    .from(fills)
    .where(eq(fills.cylinderId, cylinderId))
    .orderBy(...latestFirst(fills.filledAt, fills.sequence))
    .all()
}

/** Appends a fill, together with the weighing or the reading after it: both or neither. */
export function addFill(
  database: Database,
  entry: FillEntry,
  afterwards: Afterwards,
  id: string = randomUUID(),
): StoredFill {
  return write(database, () => {
    const { cylinderId, filledAt } = entry
    const weighing =
      afterwards && 'weighing' in afterwards
        ? addWeighing(database, { cylinderId, weighedAt: filledAt, ...afterwards.weighing }, `${id}-after`)
        : null
    const level =
      afterwards && 'level' in afterwards
        ? addLevel(database, { cylinderId, readAt: filledAt, way: 'fill', ...afterwards.level }, `${id}-after`)
        : null
    return appendEvent(
      database,
      fills,
      { fees: null, ...entry, id, weighingId: weighing?.id ?? null, levelId: level?.id ?? null },
      'filledAt',
    )
  })
}
