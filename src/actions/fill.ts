'use server'

import { act, type ActionResult, rowById } from '@/actions/shared/act'
import { recordEvent } from '@/actions/shared/recordEvent'
import { archivePrice, priceSchema, savedPrice, savePrice, type StoredOffer } from '@/services/fill/prices'
import { fillSchema, recordFill } from '@/services/fill/recordFill'
import { recordTick, tickSchema } from '@/services/log/ticks'
import { bottleRuleSchema, saveBottleFillRule } from '@/services/rigs/rigs'
import { archivedRowSchema } from '@/services/shared/fields'

/** Appends a fill with the weighing or the reading after it. */
export async function recordFillAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  return recordEvent('fill', fillSchema, { input, requestKey }, recordFill, ({ id }) => ({ id }))
}

/** Logs a step of a procedure. */
export async function tickAction(
  input: unknown,
  requestKey?: unknown,
): Promise<ActionResult<{ id: string; tickedAt: string }>> {
  return recordEvent('tick', tickSchema, { input, requestKey }, recordTick, ({ id, tickedAt }) => ({ id, tickedAt }))
}

/** Saves the rule for filling one-pound bottles. */
export async function saveBottleFillRuleAction(input: unknown): Promise<ActionResult> {
  return act(bottleRuleSchema, input, saveBottleFillRule)
}

/** Saves a price. */
export async function saveOfferAction(input: unknown): Promise<ActionResult<{ id: string }, StoredOffer>> {
  return act(priceSchema, input, savePrice, rowById(savedPrice))
}

/** Takes a price off the list. */
export async function archiveOfferAction(input: unknown): Promise<ActionResult> {
  return act(archivedRowSchema, input, archivePrice)
}
