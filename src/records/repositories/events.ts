import { and, eq, isNull } from 'drizzle-orm'
import type { Database } from '@/records/databaseType'
import { warmUps } from '@/records/schema/heatTables'
import { holdTests, leakClosings, leakReadings, leakTests } from '@/records/schema/lineTables'
import { drillRuns, faultEvents, rehearsals } from '@/records/schema/practiceTables'
import { NotFoundError } from '@/records/RecordsError'
import { acceptances, lessons, swaps } from '@/records/schema/tripTables'
import { equipmentLooks, fills, levels, looks, marks, ticks, weighings } from '@/records/schema/schema'
import { write } from '@/records/write'

/** What is appended and can be voided, by name. */
export const eventTables = {
  weighing: weighings,
  mark: marks,
  'look-over': looks,
  reading: levels,
  fill: fills,
  tick: ticks,
  look: equipmentLooks,
  'leak-test': leakTests,
  soaping: leakReadings,
  closing: leakClosings,
  'hold-test': holdTests,
  'warm-up': warmUps,
  acceptance: acceptances,
  lesson: lessons,
  swap: swaps,
  drill: drillRuns,
  rehearsal: rehearsals,
  fault: faultEvents,
} as const

export type EventName = keyof typeof eventTables

export type EventRow<Name extends EventName> = (typeof eventTables)[Name]['$inferSelect']

/** An event by its identifier. */
export function findEvent<Name extends EventName>(
  database: Database,
  name: Name,
  id: string,
): EventRow<Name> | undefined {
  const table: (typeof eventTables)[EventName] = eventTables[name]
  return database.select().from(table).where(eq(table.id, id)).get() as EventRow<Name> | undefined
}

export const eventNames = Object.keys(eventTables) as [EventName, ...EventName[]]

/** What a fill or a swap brought along. */
function broughtBy(
  database: Database,
  name: EventName,
  id: string,
): { weighingId?: string | null; levelId?: string | null } {
  if (name === 'fill') return database.select().from(fills).where(eq(fills.id, id)).get() ?? {}
  if (name === 'swap') return database.select().from(swaps).where(eq(swaps.id, id)).get() ?? {}
  return {}
}

/** Events that another brought along, voided with it. */
function voidWith(database: Database, name: EventName, id: string, voidedAt: string, voidReason: string): void {
  const { weighingId, levelId } = broughtBy(database, name, id)
  if (weighingId) voidEvent(database, 'weighing', weighingId, voidedAt, voidReason)
  if (levelId) voidEvent(database, 'reading', levelId, voidedAt, voidReason)
}

/**
 * Voids an event; voiding again changes nothing. A fill or swap voids its weighing or reading too.
 *
 * @throws NotFoundError when there is no such event
 */
export function voidEvent(database: Database, name: EventName, id: string, voidedAt: string, voidReason: string): void {
  const table = eventTables[name]
  write(database, (records) => {
    const { changes } = records
      .update(table)
      .set({ voidedAt, voidReason })
      .where(and(eq(table.id, id), isNull(table.voidedAt)))
      .run()
    if (changes === 1) voidWith(database, name, id, voidedAt, voidReason)
    if (changes === 0 && !records.select({ id: table.id }).from(table).where(eq(table.id, id)).get()) {
      throw new NotFoundError(name)
    }
  })
}
