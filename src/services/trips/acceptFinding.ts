import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import { addAcceptance, type StoredAcceptance } from '@/records/repositories/trips/acceptances'
import { write } from '@/records/write'
import { idField, reasonField } from '@/services/shared/fields'
import { isAcceptable } from '@/core/trip/readiness/readiness'
import { judgedTrip } from './judgedTrip'
import { keepVerdict } from './keepVerdict'

/** A reason that another person could weigh: a few words, each of letters. */
const acceptanceReasonField = reasonField.refine(
  (reason) => (reason.match(/\p{L}{2,}/gu) ?? []).length >= 3,
  'Say in a few words why it may stay so, such as “dealer is closed until Monday”.',
)

export const acceptanceSchema = z.strictObject({
  tripId: idField,
  key: z.string().min(1).max(4000),
  reason: acceptanceReasonField,
})

/**
 * Accepts a finding of a trip as it is, with a reason, where its code allows.
 *
 * @throws InputError at `reason` for one that no reason makes acceptable
 */
export function acceptFinding(
  { tripId, key, reason }: z.output<typeof acceptanceSchema>,
  now: Date,
  requestKey?: string,
): StoredAcceptance {
  const found = judgedTrip(tripId, now)?.ready.answered.find((one) => one.key === key)
  if (!found) throw new NotFoundError('finding')
  if (!isAcceptable(found.finding)) {
    throw new InputError('reason', 'No reason makes this acceptable. It clears when the problem is fixed.')
  }
  const { sentence } = found.finding
  const entry = { tripId, findingKey: key, sentence, reason, acceptedAt: now.toISOString() }
  return write(database(), () => {
    const added = addAcceptance(database(), entry, requestKey)
    keepVerdict(tripId, now)
    return added
  })
}
