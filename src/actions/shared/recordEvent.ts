import { z } from '@/core/base/zod'
import { act, type ActionResult } from './act'
import { type EventName, type EventRow, findEntry } from '@/services/log/entries'

/** Made by the form: the same request sent again has the same key, and is one entry. */
const requestKeyField = z
  .string()
  .regex(/^[\w-]{16,50}$/)
  .optional()
  .catch(undefined)

/**
 * Runs an action that appends one event. A request that was sent before answers with the event of the first time.
 *
 * @param of - the event
 * @param schema - what the action accepts
 * @param sent - input and key, as sent
 * @param record - a service that appends the event under the key and returns it
 * @param pick - what is answered of it
 */
export function recordEvent<Name extends EventName, Schema extends z.ZodType, Value>(
  of: Name,
  schema: Schema,
  sent: { input: unknown; requestKey: unknown },
  record: (checked: z.output<Schema>, now: Date, key: string | undefined) => EventRow<Name>,
  pick: (row: EventRow<Name>) => Value,
): Promise<ActionResult<Value>> {
  return act(schema, sent.input, (checked, now) => {
    const key = requestKeyField.parse(sent.requestKey)
    const known = key === undefined ? undefined : findEntry(of, key)
    return pick(known ?? record(checked, now, key))
  })
}
