import { lineFingerprint } from '@/core/hookup/line/lineChanges'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import { type LeakItem, leakSheet } from '@/core/leak-test/sheet/leakSheet'
import { leakGrades } from '@/core/leak-test/sheet/leakReading'
import { technicianRepairSchema } from '@/core/leak-test/sheet/leakReading'
import { leakTestState, needsTechnician, stillLeaks } from '@/core/leak-test/sheet/leakTestState'
import { pressureProofSchema } from '@/core/leak-test/sheet/pressureProof'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import {
  addLeakClosing,
  addLeakReading,
  addLeakTest,
  findLeakTest,
  type LeakTest,
  listLeakTests,
  readingsOfPlace,
  type StoredLeakClosing,
  type StoredLeakReading,
  type StoredLeakTest,
} from '@/records/repositories/lines/leakTests'
import { requireLine } from '@/services/hookup/lines'
import { idField, nameField } from '@/services/shared/fields'

export type { LeakTest }

/** Soap tests of a line, newest first, including voided ones. */
export function soapTestsOf(lineId: string): LeakTest[] {
  return listLeakTests(database(), lineId)
}

function requireOpenTest(id: string): LeakTest {
  const test = findLeakTest(database(), id)
  if (!test || test.voidedAt !== null) throw new NotFoundError('leak test')
  if (test.closing) throw new InputError('', 'This leak test is closed. Begin a new one.')
  return test
}

export const soapTestSchema = z.strictObject({ lineId: idField })

/**
 * Starts a soap test with the places of the present line.
 *
 * @throws InputError when no part of it holds gas
 */
export function startSoapTest({ lineId }: z.output<typeof soapTestSchema>, now: Date, key?: string): StoredLeakTest {
  const { line } = requireLine(lineId)
  const sheet = leakSheet(lineGraph(line))
  if (sheet.length === 0) throw new InputError('', 'Nothing of this line holds gas yet: draw it first.')
  const entry = { lineId, startedAt: now.toISOString(), fingerprint: lineFingerprint(line), sheet }
  return addLeakTest(database(), entry, key)
}

export const soapReadingSchema = z.strictObject({
  testId: idField,
  itemId: z.string().min(1).max(160),
  grade: z.enum(leakGrades),
  leftForTechnician: z.boolean().default(false),
  proof: pressureProofSchema.nullable().default(null),
  repair: technicianRepairSchema.nullable().default(null),
})

/** Whether a vessel leaks by what was read there in any test: then no bubbles are not enough. */
function awaitsTechnician({ lineId, sheet }: LeakTest, item: LeakItem): boolean {
  if (!needsTechnician(item, sheet)) return false
  return stillLeaks(readingsOfPlace(listLeakTests(database(), lineId), item.id), true) !== null
}

/**
 * Appends a reading of one place.
 *
 * @throws InputError at the field that does not fit the test
 */
export function recordSoapReading(
  reading: z.output<typeof soapReadingSchema>,
  now: Date,
  key?: string,
): StoredLeakReading {
  const test = requireOpenTest(reading.testId)
  const item = test.sheet.find(({ id }) => id === reading.itemId)
  if (!item) throw new InputError('itemId', 'This place is not on the sheet.')
  if ((item.kind === 'pressure') !== (reading.proof !== null)) {
    throw new InputError('proof', 'A pressure is proved by a gauge or a burner, a place by soap.')
  }
  if (reading.proof && reading.grade !== 'none') throw new InputError('grade', 'A pressure has no leak grade.')
  if (reading.repair && reading.repair.repairedOn > now.toISOString().slice(0, 10)) {
    throw new InputError('repair.repairedOn', 'The repair lies in the future.')
  }
  if (reading.grade === 'none' && !reading.repair && awaitsTechnician(test, item)) {
    throw new InputError(
      'repair.technician',
      'It leaked, and only a technician repairs it. Enter who repaired or exchanged it, and when.',
    )
  }
  if (reading.leftForTechnician && reading.grade === 'none') {
    throw new InputError('grade', 'What reads none needs no technician. Choose what it showed.')
  }
  return addLeakReading(database(), { ...reading, readAt: now.toISOString() }, key)
}

export const soapClosingSchema = z.strictObject({ testId: idField, burned: nameField })

/**
 * Closes a soap test.
 *
 * @throws InputError unless every place reads none under a proved pressure
 */
export function closeSoapTest(
  { testId, burned }: z.output<typeof soapClosingSchema>,
  now: Date,
  key?: string,
): StoredLeakClosing {
  const test = requireOpenTest(testId)
  if (!leakTestState(test.sheet, test.readings).mayClose) {
    throw new InputError('', 'It stays open: not every place reads none under a proved pressure.')
  }
  return addLeakClosing(database(), { testId, burned, closedAt: now.toISOString() }, key)
}
