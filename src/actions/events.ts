'use server'

import { act, type ActionResult } from '@/actions/shared/act'
import { voidEntry, voidingSchema } from '@/services/log/entries'

/** Voids an entry; it stays in the history with its reason. */
export async function voidEventAction(input: unknown): Promise<ActionResult> {
  return act(voidingSchema, input, voidEntry)
}
