import { and, eq, isNull } from 'drizzle-orm'
import type { Database } from './databaseType'
import { warmUps } from './heatTables'
import { holdTests, leakClosings, leakReadings, leakTests } from './lineTables'
import { NotFoundError } from './RecordsError'
import { acceptances, lessons } from './tripTables'
import { equipmentLooks, fills, levels, looks, marks, ticks, weighings } from './schema'

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
} as const

export type EventName = keyof typeof eventTables

export const eventNames = Object.keys(eventTables) as [EventName, ...EventName[]]

/** Events a fill brought along, voided with it. */
function voidWith(database: Database, fillId: string, voidedAt: string, voidReason: string): void {
  const fill = database.select().from(fills).where(eq(fills.id, fillId)).get()
  if (fill?.weighingId) voidEvent(database, 'weighing', fill.weighingId, voidedAt, voidReason)
  if (fill?.levelId) voidEvent(database, 'reading', fill.levelId, voidedAt, voidReason)
}

/**
 * Voids an event; voiding it again changes nothing. A fill takes the weighing or reading it brought with it.
 *
 * @throws NotFoundError when there is no such event
 */
export function voidEvent(database: Database, name: EventName, id: string, voidedAt: string, voidReason: string): void {
  const table = eventTables[name]
  database.transaction((records) => {
    const { changes } = records
      .update(table)
      .set({ voidedAt, voidReason })
      .where(and(eq(table.id, id), isNull(table.voidedAt)))
      .run()
    if (changes === 1 && name === 'fill') voidWith(database, id, voidedAt, voidReason)
    if (changes === 0 && !records.select({ id: table.id }).from(table).where(eq(table.id, id)).get()) {
      throw new NotFoundError(name)
    }
  })
}
