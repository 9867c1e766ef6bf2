'use server'

import type { ActionResult } from '@/actions/shared/act'
import { recordEvent } from '@/actions/shared/recordEvent'
import {
  drillRunSchema,
  faultRepairSchema,
  faultSchema,
  recordDrill,
  recordFault,
  recordFaultRepair,
  recordRehearsal,
  rehearsalSchema,
} from '@/services/practice/practice'

/** Appends a drill that was played to an end. */
export async function recordDrillAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  return recordEvent('drill', drillRunSchema, { input, requestKey }, recordDrill, ({ id }) => ({ id }))
}

/** Appends a rehearsal of the emergency sheets. */
export async function recordRehearsalAction(
  input: unknown,
  requestKey?: unknown,
): Promise<ActionResult<{ id: string }>> {
  return recordEvent('rehearsal', rehearsalSchema, { input, requestKey }, recordRehearsal, ({ id }) => ({ id }))
}

/** Appends a fault that was found. */
export async function recordFaultAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  return recordEvent('fault', faultSchema, { input, requestKey }, recordFault, ({ id }) => ({ id }))
}

/** Appends the repair of a fault. */
export async function recordFaultRepairAction(
  input: unknown,
  requestKey?: unknown,
): Promise<ActionResult<{ id: string }>> {
  return recordEvent('fault', faultRepairSchema, { input, requestKey }, recordFaultRepair, ({ id }) => ({ id }))
}
