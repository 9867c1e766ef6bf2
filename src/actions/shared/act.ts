import { revalidatePath } from 'next/cache'
import { headers } from 'next/headers'
import { InputError, type InputIssue } from '@/core/base/InputError'
import { type z, zodIssues } from '@/core/base/zod'
import { circumstances } from '@/services/access/circumstances'
import { requestGuard } from '@/services/access/requestGuard'
import { refusalOf } from '@/services/shared/refusalOf'

/** Answer of an action: a value, or issues by field; with the row as it is now when a newer one was saved meanwhile. */
export type ActionResult<Value = null, Conflict = never> =
  { ok: true; value: Value } | { ok: false; issues: InputIssue[]; conflict?: Conflict }

/** Reads the row that an input names, for a conflict; none for a new one. */
export const rowById =
  <Row>(find: (id: string) => Row | undefined) =>
  ({ id }: { id: string | null }): Row | undefined =>
    id === null ? undefined : find(id)

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
 * Runs an action on checked input, turns what can go wrong into sentences, and lets every page be read again.
 *
 * @param schema - what the action accepts
 * @param input - as sent, not to be trusted
 * @param run - a service
 * @param current - the row as it is now, shown when a newer version was saved meanwhile
 */
export async function act<Schema extends z.ZodType, Value, Conflict = never>(
  schema: Schema,
  input: unknown,
  run: (checked: z.output<Schema>, now: Date) => Value | Promise<Value>,
  current?: (checked: z.output<Schema>) => Conflict | undefined,
): Promise<ActionResult<Value, Conflict>> {
  const refused = (issues: InputIssue[]): ActionResult<Value, Conflict> => ({ ok: false, issues })
  const refusal = await refusalOfSender()
  if (refusal !== null) return refused([{ path: '', message: refusal }])
  const checked = schema.safeParse(input)
  if (!checked.success) return refused(zodIssues(checked.error))
  try {
    const value = await run(checked.data, new Date())
    revalidatePath('/', 'layout')
    return { ok: true, value }
  } catch (error) {
    if (error instanceof InputError) return refused([...error.issues])
    const reason = refusalOf(error)
    if (reason === null) throw error
    const conflict = reason.isConflict ? current?.(checked.data) : undefined
    return { ok: false, issues: [{ path: '', message: reason.sentence }], ...(conflict !== undefined && { conflict }) }
  }
}
