import { headers } from 'next/headers'
import { InputError, type InputIssue } from '@/core/base/InputError'
import { type z, zodIssues } from '@/core/base/zod'
import { ConflictError, NotFoundError, RecordsError } from '@/records/RecordsError'
import { storageErrorMessage } from '@/records/storageErrorMessage'
import { circumstances } from '@/services/access/circumstances'
import { requestGuard } from '@/services/access/requestGuard'

/** Answer of an action: a value, or issues by field. */
export type ActionResult<Value = null> =
  { ok: true; value: Value } | { ok: false; issues: InputIssue[]; conflict?: Record<string, unknown> }

/** By which server.mjs names a request. */
const REQUEST_HEADER = 'x-gold-kettle-request'

/** Requests whose input Next could decode: what fails before is the sender's fault, as server.mjs answers. */
const reached = globalThis as typeof globalThis & { goldKettleActions?: Set<string> }

/** Why an action may not run for its sender; each action asks, whatever was asked before. */
async function refusalOfSender(): Promise<string | null> {
  const sent = await headers()
  reached.goldKettleActions?.add(sent.get(REQUEST_HEADER) ?? '')
  const header = (name: string): string | null => sent.get(name)
  return requestGuard({ method: 'POST', path: '/', header }, circumstances(header, new Date()))?.sentence ?? null
}

/**
 * Runs an action on checked input and turns what can go wrong into sentences.
 *
 * @param schema - what the action accepts
 * @param input - as sent, not to be trusted
 * @param run - the action itself
 */
export async function act<Schema extends z.ZodType, Value>(
  schema: Schema,
  input: unknown,
  run: (checked: z.output<Schema>) => Value | Promise<Value>,
): Promise<ActionResult<Value>> {
  const refusal = await refusalOfSender()
  if (refusal !== null) return { ok: false, issues: [{ path: '', message: refusal }] }
  const checked = schema.safeParse(input)
  if (!checked.success) return { ok: false, issues: zodIssues(checked.error) }
  try {
    return { ok: true, value: await run(checked.data) }
  } catch (error) {
    if (error instanceof InputError) return { ok: false, issues: [...error.issues] }
    if (error instanceof NotFoundError || error instanceof RecordsError)
      return { ok: false, issues: [{ path: '', message: error.message }] }
    if (error instanceof ConflictError) {
      return {
        ok: false,
        issues: [{ path: '', message: error.message }],
        conflict: error.current as Record<string, unknown>,
      }
    }
    const stored = storageErrorMessage(error)
    if (stored !== null) return { ok: false, issues: [{ path: '', message: stored }] }
    throw error
  }
}
