import { and, desc, eq, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { Verdict } from '@/core/findings/verdict'
import type { Database } from '@/records/databaseType'
import { verdicts } from '@/records/schema/tripTables'

export type StoredVerdict = typeof verdicts.$inferSelect

/** A kept verdict without what it was based on. */
export type VerdictHead = Pick<StoredVerdict, 'id' | 'judgedAt' | 'verdict'>

/** Verdicts of a trip, newest first. */
export function listVerdicts(database: Database, tripId: string): VerdictHead[] {
  return database
    .select({ id: verdicts.id, judgedAt: verdicts.judgedAt, verdict: verdicts.verdict })
    .from(verdicts)
    .where(eq(verdicts.tripId, tripId))
    .orderBy(desc(verdicts.judgedAt), desc(sql`rowid`))
    .all()
}

/** The last verdict of a trip; with `verdict` the last one that read so. */
export function lastVerdict(database: Database, tripId: string, verdict?: Verdict): StoredVerdict | undefined {
  return database
    .select()
    .from(verdicts)
    .where(and(eq(verdicts.tripId, tripId), verdict && eq(verdicts.verdict, verdict)))
    .orderBy(desc(verdicts.judgedAt), desc(sql`rowid`))
    .limit(1)
    .get()
}

export function findVerdict(database: Database, id: string): StoredVerdict | undefined {
  return database.select().from(verdicts).where(eq(verdicts.id, id)).get()
}

/** Keeps a verdict, unless the last one kept of the trip is based on the same. */
export function saveVerdict(
  database: Database,
  entry: Omit<StoredVerdict, 'id'>,
  id: string = randomUUID(),
): StoredVerdict {
  const last = lastVerdict(database, entry.tripId)
  if (last?.fingerprint === entry.fingerprint) return last
  return database
    .insert(verdicts)
    .values({ ...entry, id })
    .returning()
    .get()
}

/**
 * What the rig’s trips were to burn by the last verdict before each left, kg; trips without one are not named.
 *
 * Read out of the kept verdicts where they lie: each holds a whole rig.
 */
export function plannedByTrip(database: Database, rigId: string): Map<string, number> {
  const rows = database.$client
    .prepare(
      `SELECT v.trip_id AS tripId,
              json_extract(v.kept, '$.neededKg.line') + json_extract(v.kept, '$.neededKg.bottles') AS neededKg
       FROM verdicts v JOIN trips t ON t.id = v.trip_id
       WHERE t.rig_id = ? AND v.judged_at < date(t.start_day, '+1 day')
       ORDER BY v.judged_at, v.rowid`,
    )
    .all(rigId) as { tripId: string; neededKg: number }[]
  return new Map(rows.map(({ tripId, neededKg }) => [tripId, neededKg]))
}
