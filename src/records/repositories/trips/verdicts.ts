import { and, desc, eq, getTableColumns, inArray, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { Verdict } from '@/core/findings/verdict'
import type { Database } from '@/records/databaseType'
import { verdicts } from '@/records/schema/tripTables'
import { insertRow } from '@/records/write'

export type StoredVerdict = typeof verdicts.$inferSelect

/** A stored verdict without its input. */
export type VerdictHead = Pick<StoredVerdict, 'id' | 'judgedAt' | 'verdict'>

/** As shownVerdict gives it, without reading the whole rig that each row contains. */
const shown = sql<Verdict>`CASE WHEN ${verdicts.verdict} = 'ready' AND EXISTS (
  SELECT 1 FROM json_each(${verdicts.kept}, '$.findings') WHERE json_extract(value, '$.severity') = 'fix-first'
) THEN 'your-call' ELSE ${verdicts.verdict} END`

const withShown = { ...getTableColumns(verdicts), verdict: shown }

const head = { id: verdicts.id, judgedAt: verdicts.judgedAt, verdict: shown }

const newestFirst = [desc(verdicts.judgedAt), desc(sql`rowid`)]

/** Verdicts of a trip, newest first. */
export function listVerdicts(database: Database, tripId: string): VerdictHead[] {
  return database
    .select(head)
    .from(verdicts)
    .where(eq(verdicts.tripId, tripId))
    .orderBy(...newestFirst)
    .all()
}

/** Verdicts of these identifiers. */
export function verdictHeads(database: Database, ids: readonly string[]): VerdictHead[] {
  return database
    .select(head)
    .from(verdicts)
    .where(inArray(verdicts.id, [...ids]))
    .all()
}

/** Last verdict of a trip; with kinds the last one of these. */
export function lastVerdict(database: Database, tripId: string, kinds?: readonly Verdict[]): StoredVerdict | undefined {
  return database
    .select(withShown)
    .from(verdicts)
    .where(and(eq(verdicts.tripId, tripId), kinds && inArray(shown, [...kinds])))
    .orderBy(...newestFirst)
    .limit(1)
    .get()
}

export function findVerdict(database: Database, id: string): StoredVerdict | undefined {
  return database.select(withShown).from(verdicts).where(eq(verdicts.id, id)).get()
}

/** When the last verdict of a trip was given and of what; without its input, which is a whole rig. */
export function lastFingerprint(
  database: Database,
  tripId: string,
): Pick<StoredVerdict, 'id' | 'judgedAt' | 'fingerprint'> | undefined {
  return database
    .select({ id: verdicts.id, judgedAt: verdicts.judgedAt, fingerprint: verdicts.fingerprint })
    .from(verdicts)
    .where(eq(verdicts.tripId, tripId))
    .orderBy(...newestFirst)
    .limit(1)
    .get()
}

/** Saves a verdict, unless the last one of the trip is equal. */
export function saveVerdict(
  database: Database,
  entry: Omit<StoredVerdict, 'id'>,
  id: string = randomUUID(),
): Pick<StoredVerdict, 'id' | 'judgedAt'> {
  const last = lastFingerprint(database, entry.tripId)
  if (last?.fingerprint === entry.fingerprint) return last
  return insertRow(database, verdicts, { ...entry, id })
}

/**
 * Planned gas of the rig's trips by the last verdict before departure, kg; trips without one are missing.
 *
 * Extracted by SQL, because each stored verdict contains a whole rig.
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
