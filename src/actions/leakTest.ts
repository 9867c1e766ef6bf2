'use server'

import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { lineFingerprint } from '@/core/hookup/line/lineChanges'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import { leakGrades, leakTestState } from '@/core/leak-test/sheet/leakTestState'
import { leakSheet } from '@/core/leak-test/sheet/leakSheet'
import { holdOutcome, type HoldOutcome } from '@/core/leak-test/hold/holdOutcome'
import { leakRateSchema } from '@/core/leak-test/hold/leakRate'
import { database } from '@/records/database'
import { addHoldTest } from '@/records/repositories/lines/holdTests'
import {
  addLeakClosing,
  addLeakReading,
  addLeakTest,
  findLeakTest,
  type LeakTest,
} from '@/records/repositories/lines/leakTests'
import { findLine, type StoredLine } from '@/records/repositories/lines/lines'
import { NotFoundError } from '@/records/RecordsError'
import { idField, nameField } from '@/actions/shared/fields'
import { recordEvent } from '@/actions/shared/recordEvent'
import type { ActionResult } from '@/actions/shared/result'

function requireLine(id: string): StoredLine {
  const line = findLine(database(), id)
  if (!line) throw new NotFoundError('line')
  return line
}

function requireOpenTest(id: string): LeakTest {
  const test = findLeakTest(database(), id)
  if (!test || test.voidedAt !== null) throw new NotFoundError('leak test')
  if (test.closing) throw new InputError('', 'This leak test is closed. Begin a new one.')
  return test
}

const startSchema = z.strictObject({ lineId: idField })

/** Starts a soap test with the places of the present line. */
export async function startLeakTestAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  const record = ({ lineId }: z.output<typeof startSchema>, key?: string) => {
    const { line } = requireLine(lineId)
    const sheet = leakSheet(lineGraph(line))
    if (sheet.length === 0) throw new InputError('', 'Nothing of this line holds gas yet: draw it first.')
    const startedAt = new Date().toISOString()
    return addLeakTest(database(), { lineId, startedAt, fingerprint: lineFingerprint(line), sheet }, key)
  }
  return recordEvent('leak-test', startSchema, { input, requestKey }, record, ({ id }) => ({ id }))
}

const readingSchema = z.strictObject({
  testId: idField,
  itemId: z.string().min(1).max(160),
  grade: z.enum(leakGrades),
  leftForTechnician: z.boolean().default(false),
})

/** Appends a soap reading at one place. */
export async function soapAction(
  input: unknown,
  requestKey?: unknown,
): Promise<ActionResult<{ id: string; readAt: string }>> {
  const record = (reading: z.output<typeof readingSchema>, key?: string) => {
    const test = requireOpenTest(reading.testId)
    if (!test.sheet.some(({ id }) => id === reading.itemId)) {
      throw new InputError('itemId', 'This place is not on the sheet.')
    }
    if (reading.leftForTechnician && reading.grade === 'none') {
      throw new InputError('grade', 'What reads none needs no technician. Choose what it showed.')
    }
    return addLeakReading(database(), { ...reading, readAt: new Date().toISOString() }, key)
  }
  return recordEvent('soaping', readingSchema, { input, requestKey }, record, ({ id, readAt }) => ({ id, readAt }))
}

const closeSchema = z.strictObject({ testId: idField, burned: nameField })

/** Closes a walk: only when every place reads none and an appliance has burned. */
export async function closeLeakTestAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  const record = ({ testId, burned }: z.output<typeof closeSchema>, key?: string) => {
    const test = requireOpenTest(testId)
    if (!leakTestState(test.sheet, test.readings).mayClose) {
      throw new InputError('', 'It stays open: not every place reads none.')
    }
    return addLeakClosing(database(), { testId, burned, closedAt: new Date().toISOString() }, key)
  }
  return recordEvent('closing', closeSchema, { input, requestKey }, record, ({ id }) => ({ id }))
}

const holdSchema = z.strictObject({
  lineId: idField,
  side: z.enum(['low', 'cylinder']),
  input: leakRateSchema,
  openBranches: z.array(idField).max(400).nullable(),
})

/** Appends a hold test, judged on the server. */
export async function recordHoldAction(
  input: unknown,
  requestKey?: unknown,
): Promise<ActionResult<{ id: string; outcome: HoldOutcome }>> {
  const record = ({ lineId, side, input: held, openBranches }: z.output<typeof holdSchema>, key?: string) => {
    requireLine(lineId)
    const outcome = holdOutcome(side, held)
    const heldAt = new Date().toISOString()
    return addHoldTest(database(), { lineId, side, input: held, openBranches, outcome, heldAt }, key)
  }
  return recordEvent('hold-test', holdSchema, { input, requestKey }, record, ({ id, outcome }) => ({ id, outcome }))
}
