import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { type EventName, eventNames, type EventRow, findEvent, voidEvent } from '@/records/repositories/events'
import { idField, reasonField } from '@/services/shared/fields'

export type { EventName, EventRow }

/** An entry by its identifier. */
export function findEntry<Name extends EventName>(of: Name, id: string): EventRow<Name> | undefined {
  return findEvent(database(), of, id)
}

export const voidingSchema = z.strictObject({ of: z.enum(eventNames), id: idField, reason: reasonField })

/** Voids an entry; it stays in the history with its reason. */
export function voidEntry({ of, id, reason }: z.output<typeof voidingSchema>, now: Date): null {
  voidEvent(database(), of, id, now.toISOString(), reason)
  return null
}
