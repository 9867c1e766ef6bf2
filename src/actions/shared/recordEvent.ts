import { revalidatePath } from 'next/cache'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { type EventName, type EventRow, findEvent } from '@/records/repositories/events'
import { act, type ActionResult } from './result'

/** Made by the form: the same request sent again has the same key, and is one entry. */
const requestKeyField = z
  .string()
  .regex(/^[\w-]{16,50}$/)
  .optional()
  .catch(undefined)

/** When something happened; null for just now. */
export const happenedAtField = z.iso
  .datetime({ error: 'Enter a day and an hour, or leave it empty for just now.' })
  .nullable()
  .default(null)

/** A clock that runs a little ahead in the browser is no mistake. */
const TOLERANCE_MS = 60_000

/**
 * When an entry happened.
 *
 * @param chosen - by the owner; null for just now
 * @throws InputError at `happenedAt` for a time that is still to come
 */
export function happenedAt(chosen: string | null, now: Date): string {
  if (chosen === null) return now.toISOString()
  const aheadMs = Date.parse(chosen) - now.getTime()
  if (aheadMs > TOLERANCE_MS) {
    throw new InputError('happenedAt', 'This time is still to come. Check the date and the year.')
  }
  return new Date(Math.min(Date.parse(chosen), now.getTime())).toISOString()
}

/**
 * Runs an action that appends one event. A request that was sent before answers with the event of the first time.
 *
 * @param of - the event
 * @param sent - input and key, as sent
 * @param run - appends the event under the key and returns it
 * @param pick - what is answered of it
 */
export function recordEvent<Name extends EventName, Schema extends z.ZodType, Value>(
  of: Name,
  schema: Schema,
  sent: { input: unknown; requestKey: unknown },
  run: (checked: z.output<Schema>, id: string | undefined) => EventRow<Name>,
  pick: (row: EventRow<Name>) => Value,
): Promise<ActionResult<Value>> {
  return act(schema, sent.input, (checked) => {
    const key = requestKeyField.parse(sent.requestKey)
    const known = key === undefined ? undefined : findEvent(database(), of, key)
    const row = known ?? run(checked, key)
    revalidatePath('/', 'layout')
    return pick(row)
  })
}
