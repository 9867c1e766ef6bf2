'use server'

import { act, type ActionResult } from '@/actions/shared/act'
import { recordEvent } from '@/actions/shared/recordEvent'
import { acceptanceSchema, acceptFinding } from '@/services/trips/acceptFinding'
import { keepingSchema, keepVerdict } from '@/services/trips/keepVerdict'

/** Accepts a “fix first” of a trip as it is, with a reason. */
export async function acceptFindingAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  return recordEvent('acceptance', acceptanceSchema, { input, requestKey }, acceptFinding, ({ id }) => ({ id }))
}

/** Keeps the present verdict with all that it is based on, unless the last one kept is equal. */
export async function keepVerdictAction(input: unknown): Promise<ActionResult<{ id: string; judgedAt: string }>> {
  return act(keepingSchema, input, ({ tripId }, now) => keepVerdict(tripId, now))
}
