'use server'

import { act, type ActionResult } from '@/actions/shared/act'
import { beginningSchema, beginRig } from '@/services/rigs/beginRig'

/** A rig with what its owner knows of it on the first evening. */
export async function beginAction(input: unknown): Promise<ActionResult<{ tripId: string | null }>> {
  return act(beginningSchema, input, beginRig)
}
