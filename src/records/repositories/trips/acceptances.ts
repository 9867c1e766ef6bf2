import { and, asc, eq, isNull, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { Acceptance } from '@/core/trip/readiness/readiness'
import type { Database } from '@/records/databaseType'
import { appendEvent, type EventEntry, hasHappened } from '@/records/repositories/appendEvent'
import { acceptances } from '@/records/schema/tripTables'

export type StoredAcceptance = typeof acceptances.$inferSelect

/** Valid acceptances of a trip, oldest first. */
export function activeAcceptances(database: Database, tripId: string): Acceptance[] {
  return database
    .select({
      id: acceptances.id,
      findingKey: acceptances.findingKey,
      sentence: acceptances.sentence,
      reason: acceptances.reason,
      acceptedAt: acceptances.acceptedAt,
    })
    .from(acceptances)
    .where(and(eq(acceptances.tripId, tripId), isNull(acceptances.voidedAt), hasHappened(acceptances.acceptedAt)))
    .orderBy(asc(acceptances.acceptedAt), asc(sql`rowid`))
    .all()
}

export function addAcceptance(
  database: Database,
  entry: EventEntry<typeof acceptances>,
  id: string = randomUUID(),
): StoredAcceptance {
  return appendEvent(database, acceptances, { ...entry, id }, 'acceptedAt')
}
