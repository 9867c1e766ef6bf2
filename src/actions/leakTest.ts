'use server'

import type { ActionResult } from '@/actions/shared/act'
import { recordEvent } from '@/actions/shared/recordEvent'
import type { HoldOutcome } from '@/core/leak-test/hold/holdOutcome'
import { holdSchema, recordHoldTest } from '@/services/leak-test/holdTests'
import {
  closeSoapTest,
  recordSoapReading,
  soapClosingSchema,
  soapReadingSchema,
  soapTestSchema,
  startSoapTest,
} from '@/services/leak-test/soapTests'

/** Starts a soap test with the places of the present line. */
export async function startLeakTestAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  return recordEvent('leak-test', soapTestSchema, { input, requestKey }, startSoapTest, ({ id }) => ({ id }))
}

/** Appends a soap reading at one place. */
export async function soapAction(
  input: unknown,
  requestKey?: unknown,
): Promise<ActionResult<{ id: string; readAt: string }>> {
  return recordEvent('soaping', soapReadingSchema, { input, requestKey }, recordSoapReading, ({ id, readAt }) => ({
    id,
    readAt,
  }))
}

/** Closes a soap test: only when every place reads none. */
export async function closeLeakTestAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  return recordEvent('closing', soapClosingSchema, { input, requestKey }, closeSoapTest, ({ id }) => ({ id }))
}

/** Appends a hold test, judged on the server. */
export async function recordHoldAction(
  input: unknown,
  requestKey?: unknown,
): Promise<ActionResult<{ id: string; outcome: HoldOutcome }>> {
  return recordEvent('hold-test', holdSchema, { input, requestKey }, recordHoldTest, ({ id, outcome }) => ({
    id,
    outcome,
  }))
}
