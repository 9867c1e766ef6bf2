import { database } from '@/records/database'
import { ticksSince, type ProcedureRun, type StoredTick } from '@/records/repositories/trips/ticks'

/** Longest age of a running procedure, unless it takes longer by nature. */
const MAX_RUN_MS = 3 * 3_600_000

/**
 * Steps ticked in the run of a procedure that is going on.
 *
 * @param run - the procedure and what it is about
 * @param nowIso - the moment
 * @param longestMs - how long a run may take
 * @param notBefore - a moment that ended the run before, such as a fill that was saved
 */
export function ticksGoingOn(run: ProcedureRun, nowIso: string, longestMs = MAX_RUN_MS, notBefore = ''): StoredTick[] {
  const earliest = new Date(Date.parse(nowIso) - longestMs).toISOString()
  return ticksSince(database(), run, notBefore > earliest ? notBefore : earliest)
}
