import { kindFacts } from '@/core/cylinders/cylinderKind'
import { swapFinds, swapMoment } from '@/core/trip/usage/swap'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { addSwap, type StoredSwap } from '@/records/repositories/trips/swaps'
import { requireCylinder } from '@/services/cylinders/requireCylinder'
import { idField } from '@/services/shared/fields'
import { momentField } from '@/services/shared/happenedAt'

export const swapSchema = z.strictObject({
  cylinderId: idField,
  otherId: idField.nullable(),
  found: z.enum(swapFinds),
  otherShut: z.boolean().nullable(),
  swappedAt: momentField,
})

/**
 * Appends a swap: which gave out, what it was found to be, and which was opened in its place.
 *
 * @throws InputError at the cylinder that cannot be swapped
 */
export function recordSwap({ swappedAt, ...entry }: z.output<typeof swapSchema>, now: Date, key?: string): StoredSwap {
  const gone = requireCylinder(entry.cylinderId)
  const { supply } = kindFacts[gone.gear.kind]
  if (supply === null) throw new InputError('cylinderId', 'No appliance burns from this one.')
  if (entry.otherId !== null) {
    const other = requireCylinder(entry.otherId)
    if (other.row.id === gone.row.id) throw new InputError('otherId', 'That is the one that gave out.')
    if (other.row.rigId !== gone.row.rigId || kindFacts[other.gear.kind].supply !== supply) {
      throw new InputError('otherId', 'That one cannot take the place of the other.')
    }
  }
  const otherShut = entry.otherId === null ? null : entry.otherShut
  return addSwap(database(), { ...entry, otherShut, swappedAt: swapMoment(swappedAt, now.toISOString()) }, key)
}
