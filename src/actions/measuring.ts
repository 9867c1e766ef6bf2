'use server'

import type { ActionResult } from '@/actions/shared/act'
import { recordEvent } from '@/actions/shared/recordEvent'
import { levelSchema, recordLevel, recordWeighing, weighingSchema } from '@/services/cylinders/measuring'

/** Appends a weighing, checked with the stored stamps. */
export async function recordWeighingAction(
  input: unknown,
  requestKey?: unknown,
): Promise<ActionResult<{ id: string; weighedAt: string }>> {
  return recordEvent('weighing', weighingSchema, { input, requestKey }, recordWeighing, ({ id, weighedAt }) => ({
    id,
    weighedAt,
  }))
}

/** Appends a reading of a gauge, a sensor or a warm-water line. */
export async function recordLevelAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  return recordEvent('reading', levelSchema, { input, requestKey }, recordLevel, ({ id }) => ({ id }))
}
