'use server'

import type { ActionResult } from '@/actions/shared/act'
import { recordEvent } from '@/actions/shared/recordEvent'
import { recordSwap, swapSchema } from '@/services/trips/recordSwap'

/** Appends a swap: which gave out, what it was found to be, and which was opened in its place. */
export async function recordSwapAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  return recordEvent('swap', swapSchema, { input, requestKey }, recordSwap, ({ id }) => ({ id }))
}
