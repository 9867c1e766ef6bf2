'use server'

import { revalidatePath } from 'next/cache'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { addAcceptance } from '@/records/repositories/trips/acceptances'
import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import { idField, reasonField } from '@/actions/shared/fields'
import { write } from '@/records/write'
import { judgedTrip } from '@/services/trips/judgedTrip'
import { keepVerdict } from '@/services/trips/keepVerdict'
import { recordEvent } from '@/actions/shared/recordEvent'
import { act, type ActionResult } from '@/actions/shared/result'

const acceptSchema = z.strictObject({ tripId: idField, key: z.string().min(1).max(4000), reason: reasonField })

/** Accepts a “fix first” of a trip as it is, with a reason; what stops ends only when the fact changes. */
export async function acceptFindingAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  const record = ({ tripId, key, reason }: z.output<typeof acceptSchema>, id?: string) => {
    const judged = judgedTrip(tripId)
    const found = judged?.ready.answered.find((one) => one.key === key)
    if (!judged || !found) throw new NotFoundError('finding')
    if (found.finding.severity === 'stop') {
      throw new InputError('reason', 'This cannot be accepted: it ends only when the fact changes.')
    }
    const { sentence } = found.finding
    const acceptedAt = new Date().toISOString()
    return write(database(), () => {
      const added = addAcceptance(database(), { tripId, findingKey: key, sentence, reason, acceptedAt }, id)
      keepVerdict(tripId, new Date())
      return added
    })
  }
  return recordEvent('acceptance', acceptSchema, { input, requestKey }, record, ({ id }) => ({ id }))
}

/** Keeps the present verdict with all that it is based on, unless the last one kept is equal. */
export async function keepVerdictAction(input: unknown): Promise<ActionResult<{ id: string; judgedAt: string }>> {
  return act(z.strictObject({ tripId: idField }), input, ({ tripId }) => {
    const { id, judgedAt } = keepVerdict(tripId, new Date())
    revalidatePath('/', 'layout')
    return { id, judgedAt }
  })
}
