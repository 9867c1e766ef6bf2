import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import { addAcceptance, type StoredAcceptance } from '@/records/repositories/trips/acceptances'
import { write } from '@/records/write'
import { idField, reasonField } from '@/services/shared/fields'
import { judgedTrip } from './judgedTrip'
import { keepVerdict } from './keepVerdict'

export const acceptanceSchema = z.strictObject({
  tripId: idField,
  key: z.string().min(1).max(4000),
  reason: reasonField,
})

/**
 * Accepts a “fix first” of a trip as it is, with a reason; a stop ends only when the fact changes.
 *
 * @throws InputError at `reason` for a stop
 */
export function acceptFinding(
  { tripId, key, reason }: z.output<typeof acceptanceSchema>,
  now: Date,
  requestKey?: string,
): StoredAcceptance {
  const found = judgedTrip(tripId, now)?.ready.answered.find((one) => one.key === key)
  if (!found) throw new NotFoundError('finding')
  if (found.finding.severity === 'stop') {
    throw new InputError('reason', 'This cannot be accepted: it ends only when the fact changes.')
  }
  const { sentence } = found.finding
  const entry = { tripId, findingKey: key, sentence, reason, acceptedAt: now.toISOString() }
  return write(database(), () => {
    const added = addAcceptance(database(), entry, requestKey)
    keepVerdict(tripId, now)
    return added
  })
}
