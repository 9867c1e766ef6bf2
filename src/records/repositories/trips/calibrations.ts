import { and, asc, eq, isNull, lte } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { Supply } from '@/core/cylinders/cylinderKind'
import type { LearnedUse, UseFactors } from '@/core/run/learnedUse'
import type { Database } from '@/records/databaseType'
import { appendEvent, type EventEntry, latestFirst, hasHappened } from '@/records/repositories/appendEvent'
import { trips } from '@/records/schema/schema'
import { lessons } from '@/records/schema/tripTables'

export type StoredCalibration = typeof lessons.$inferSelect
export type CalibrationEntry = EventEntry<typeof lessons>

/** Calibrations of a trip, newest first, including voided ones. */
export function listCalibrations(database: Database, tripId: string): StoredCalibration[] {
  return database
    .select()
    .from(lessons)
    .where(eq(lessons.tripId, tripId))
    .orderBy(...latestFirst(lessons.learnedAt, lessons.sequence))
    .all()
}

/** Applied calibrations of this trip and the rig's earlier trips; the last one of each supply and appliance counts. */
export function learnedFactors(
  database: Database,
  { rigId, startDay }: Pick<typeof trips.$inferSelect, 'rigId' | 'startDay'>,
): UseFactors {
  const taken = database
    .select({ supply: lessons.supply, factor: lessons.factor, uses: lessons.uses })
    .from(lessons)
    .innerJoin(trips, eq(lessons.tripId, trips.id))
    .where(
      and(
        eq(trips.rigId, rigId),
        lte(trips.startDay, startDay),
        eq(lessons.answer, 'taken'),
        isNull(lessons.voidedAt),
        hasHappened(lessons.learnedAt),
      ),
    )
    .orderBy(asc(lessons.learnedAt), asc(lessons.sequence))
    .all()
  const whole = new Map<Supply, number>()
  const byAppliance = new Map<string, LearnedUse>()
  for (const { supply, factor, uses } of taken) {
    if (uses === null) {
      whole.set(supply, factor)
      for (const { applianceId, supply: of } of byAppliance.values()) if (of === supply) byAppliance.delete(applianceId)
    } else {
      whole.delete(supply)
      for (const use of uses) byAppliance.set(use.applianceId, use)
    }
  }
  return { ...Object.fromEntries(whole), ...(byAppliance.size > 0 && { uses: [...byAppliance.values()] }) }
}

export function addCalibration(
  database: Database,
  entry: Omit<CalibrationEntry, 'uses'> & { uses?: LearnedUse[] | null },
  id: string = randomUUID(),
): StoredCalibration {
  return appendEvent(database, lessons, { uses: null, ...entry, id }, 'learnedAt')
}
