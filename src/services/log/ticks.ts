import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { listFills } from '@/records/repositories/cylinders/fills'
import { addTick, type ProcedureRun, type StoredTick, ticksSince } from '@/records/repositories/trips/ticks'
import { requireRig } from '@/services/rigs/rigs'
import { idField } from '@/services/shared/fields'

export type { StoredTick }

/** Longest age of a running procedure, unless it takes longer by nature. */
const MAX_RUN_MS = 3 * 3_600_000

/** Filling, with the drive there and back, takes up to half a day. */
const MAX_FILL_MS = 12 * 3_600_000

export const tickSchema = z.strictObject({
  rigId: idField,
  procedure: z.string().min(1).max(40),
  subjectId: z.string().max(64),
  stepId: z.string().min(1).max(40),
})

/** Appends a step of a procedure that was done. */
export function recordTick(entry: z.output<typeof tickSchema>, now: Date, key?: string): StoredTick {
  requireRig(entry.rigId)
  return addTick(database(), { ...entry, tickedAt: now.toISOString() }, key)
}

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

/** Steps ticked in the current fill of a cylinder: of the last hours, and since the last saved fill. */
export function fillTicks(rigId: string, mode: string, cylinderId: string, nowIso: string): StoredTick[] {
  const lastFill = listFills(database(), cylinderId).find(({ voidedAt }) => voidedAt === null)?.filledAt ?? ''
  return ticksGoingOn({ rigId, procedure: `fill ${mode}`, subjectId: cylinderId }, nowIso, MAX_FILL_MS, lastFill)
}
