'use server'

import { createHash } from 'node:crypto'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { verdictSnapshot } from '@/core/trip/readiness/verdictSnapshot'
import { addAcceptance } from '@/records/repositories/trips/acceptances'
import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import { saveVerdict } from '@/records/repositories/trips/verdicts'
import { canonicalJson } from '@/records/archive/format/canonicalJson'
import { idField, reasonField } from '@/actions/shared/fields'
import { judgedTrip } from '@/actions/shared/judgedTrip'
import { programVersion } from '@/records/programVersion'
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
    return addAcceptance(database(), { tripId, findingKey: key, sentence, reason, acceptedAt }, id)
  }
  return recordEvent('acceptance', acceptSchema, { input, requestKey }, record, ({ id }) => ({ id }))
}

/** Saves the present verdict with all that it is based on, unless the last saved one is equal. */
export async function saveVerdictAction(input: unknown): Promise<ActionResult<{ id: string; judgedAt: string }>> {
  return act(z.strictObject({ tripId: idField }), input, ({ tripId }) => {
    const judged = judgedTrip(tripId)
    if (!judged) throw new NotFoundError('trip')
    const kept = verdictSnapshot(judged, programVersion())
    const fingerprint = createHash('sha256').update(canonicalJson(kept)).digest('hex')
    const { id, judgedAt } = saveVerdict(database(), {
      tripId,
      judgedAt: new Date().toISOString(),
      verdict: judged.ready.verdict,
      fingerprint,
      kept,
    })
    return { id, judgedAt }
  })
}
