'use server'

import { kindFacts } from '@/core/cylinders/cylinderKind'
import { z } from '@/core/base/zod'
import { swapFinds, swapMoment } from '@/core/trip/usage/swap'
import { InputError } from '@/core/base/InputError'
import { findCylinder } from '@/records/repositories/cylinders/cylinders'
import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import { addSwap } from '@/records/repositories/trips/swaps'
import { idField } from '@/actions/shared/fields'
import { recordEvent } from '@/actions/shared/recordEvent'
import type { ActionResult } from '@/actions/shared/result'

const swapSchema = z.strictObject({
  cylinderId: idField,
  otherId: idField.nullable(),
  found: z.enum(swapFinds),
  otherShut: z.boolean().nullable(),
  /** Null for just now. */
  swappedAt: z.iso.datetime({ error: 'Enter a day and an hour, or leave it empty for just now.' }).nullable(),
})

/** Appends a swap: which gave out, what it was found to be, and which was opened in its place. */
export async function recordSwapAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  const record = ({ swappedAt, ...entry }: z.output<typeof swapSchema>, key?: string) => {
    const records = database()
    const gone = findCylinder(records, entry.cylinderId)
    if (!gone) throw new NotFoundError('cylinder')
    const { supply } = kindFacts[gone.gear.kind]
    if (supply === null) throw new InputError('cylinderId', 'No appliance burns from this one.')
    if (entry.otherId !== null) {
      const other = findCylinder(records, entry.otherId)
      if (!other) throw new NotFoundError('cylinder')
      if (other.row.id === gone.row.id) throw new InputError('otherId', 'That is the one that gave out.')
      if (other.row.rigId !== gone.row.rigId || kindFacts[other.gear.kind].supply !== supply) {
        throw new InputError('otherId', 'That one cannot take the place of the other.')
      }
    }
    const otherShut = entry.otherId === null ? null : entry.otherShut
    const at = swapMoment(swappedAt, new Date().toISOString())
    return addSwap(records, { ...entry, otherShut, swappedAt: at }, key)
  }
  return recordEvent('swap', swapSchema, { input, requestKey }, record, ({ id }) => ({ id }))
}
