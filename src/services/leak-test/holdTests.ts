import { holdOutcome } from '@/core/leak-test/hold/holdOutcome'
import { leakRateSchema } from '@/core/leak-test/hold/leakRate'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { addHoldTest, listHoldTests, type StoredHoldTest } from '@/records/repositories/lines/holdTests'
import { requireLine } from '@/services/hookup/lines'
import { idField } from '@/services/shared/fields'

export type { StoredHoldTest }

/** The latest pressure-hold tests of a line, newest first, including voided ones. */
export function holdTestsOf(lineId: string): StoredHoldTest[] {
  return listHoldTests(database(), lineId)
}

export const holdSchema = z.strictObject({
  lineId: idField,
  side: z.enum(['low', 'cylinder']),
  input: leakRateSchema,
  openBranches: z.array(idField).max(400).nullable(),
})

/** Appends a pressure-hold test with its outcome. */
export function recordHoldTest(
  { lineId, side, input, openBranches }: z.output<typeof holdSchema>,
  now: Date,
  key?: string,
): StoredHoldTest {
  requireLine(lineId)
  const outcome = holdOutcome(side, input)
  return addHoldTest(database(), { lineId, side, input, openBranches, outcome, heldAt: now.toISOString() }, key)
}
