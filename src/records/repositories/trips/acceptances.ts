import { and, asc, eq, isNull, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { Acceptance } from '@/core/trip/readiness/readiness'
import type { Database } from '@/records/databaseType'
import { acceptances } from '@/records/schema/tripTables'
import { insertRow } from '@/records/write'

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
    .where(and(eq(acceptances.tripId, tripId), isNull(acceptances.voidedAt)))
    .orderBy(asc(acceptances.acceptedAt), asc(sql`rowid`))
    .all()
}

export function addAcceptance(
  database: Database,
  entry: Omit<StoredAcceptance, 'id' | 'voidedAt' | 'voidReason'>,
  id: string = randomUUID(),
): StoredAcceptance {
  return insertRow(database, acceptances, { ...entry, id })
}
