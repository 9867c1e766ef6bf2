import { and, desc, eq, isNull } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import { faultKinds, isFaultKind } from '@/core/practice/faults/faults'
import type { RecordedFault } from '@/core/trip/readiness/practiceFindings'
import type { Database } from '@/records/databaseType'
import { appendEvent, type EventEntry, hasHappened, latestFirst } from '@/records/repositories/appendEvent'
import { drillRuns, faultEvents, rehearsals } from '@/records/schema/practiceTables'
import { write } from '@/records/write'

export type StoredDrill = typeof drillRuns.$inferSelect
export type StoredRehearsal = typeof rehearsals.$inferSelect
export type StoredFault = typeof faultEvents.$inferSelect

export function addDrillRun(
  database: Database,
  entry: EventEntry<typeof drillRuns>,
  id: string = randomUUID(),
): StoredDrill {
  return write(database, () => appendEvent(database, drillRuns, { ...entry, id }, 'finishedAt'))
}

export function addRehearsal(
  database: Database,
  entry: EventEntry<typeof rehearsals>,
  id: string = randomUUID(),
): StoredRehearsal {
  return write(database, () => appendEvent(database, rehearsals, { ...entry, id }, 'rehearsedAt'))
}

export function addFaultEvent(
  database: Database,
  entry: EventEntry<typeof faultEvents>,
  id: string = randomUUID(),
): StoredFault {
  return write(database, () => appendEvent(database, faultEvents, { ...entry, id }, 'happenedAt'))
}

/** Valid drills of a rig, newest first. */
export function listDrillRuns(database: Database, rigId: string): StoredDrill[] {
  return database
    .select()
    .from(drillRuns)
    .where(and(eq(drillRuns.rigId, rigId), isNull(drillRuns.voidedAt), hasHappened(drillRuns.finishedAt)))
    .orderBy(...latestFirst(drillRuns.finishedAt, drillRuns.sequence))
    .all()
}

/** Valid rehearsals of a rig, newest first. */
export function listRehearsals(database: Database, rigId: string): StoredRehearsal[] {
  return database
    .select()
    .from(rehearsals)
    .where(and(eq(rehearsals.rigId, rigId), isNull(rehearsals.voidedAt), hasHappened(rehearsals.rehearsedAt)))
    .orderBy(desc(rehearsals.rehearsedAt))
    .all()
}

/** Faults of a rig that were found and not repaired since, newest first. */
export function openFaults(database: Database, rigId: string): StoredFault[] {
  const events = database
    .select()
    .from(faultEvents)
    .where(and(eq(faultEvents.rigId, rigId), isNull(faultEvents.voidedAt), hasHappened(faultEvents.happenedAt)))
    .orderBy(...latestFirst(faultEvents.happenedAt, faultEvents.sequence))
    .all()
  const settled = new Set<string>()
  return events.filter(({ what, kind, place, lineId }) => {
    const key = JSON.stringify([kind, place, lineId])
    const isLatest = !settled.has(key)
    settled.add(key)
    return isLatest && what === 'found'
  })
}

/** Open faults as the verdict takes them; one of a later version belongs to the line. */
export function recordedFaults(database: Database, rigId: string): RecordedFault[] {
  return openFaults(database, rigId).map(({ id, kind, name, happenedAt }) => ({
    id,
    label: isFaultKind(kind) ? faultKinds[kind].label : kind,
    station: isFaultKind(kind) ? faultKinds[kind].station : 'hookup',
    partName: name,
    foundAt: happenedAt,
  }))
}
