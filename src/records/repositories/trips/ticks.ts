import { and, asc, eq, gt, isNull } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { Database } from '@/records/databaseType'
import { appendEvent, hasHappened } from '@/records/repositories/appendEvent'
import { ticks } from '@/records/schema/schema'

export type StoredTick = typeof ticks.$inferSelect

/** One run of a procedure. */
export interface ProcedureRun {
  rigId: string
  procedure: string
  subjectId: string
}

/** Steps ticked since a moment, in the order of ticking. */
export function ticksSince(database: Database, run: ProcedureRun, sinceIso: string): StoredTick[] {
  return database
    .select()
    .from(ticks)
    .where(
      and(
        eq(ticks.rigId, run.rigId),
        eq(ticks.procedure, run.procedure),
        eq(ticks.subjectId, run.subjectId),
        isNull(ticks.voidedAt),
        hasHappened(ticks.tickedAt),
        gt(ticks.tickedAt, sinceIso),
      ),
    )
    .orderBy(asc(ticks.tickedAt))
    .all()
}

export function addTick(
  database: Database,
  entry: ProcedureRun & Pick<StoredTick, 'stepId' | 'tickedAt'>,
  id: string = randomUUID(),
): StoredTick {
  return appendEvent(database, ticks, { ...entry, id }, 'tickedAt')
}
