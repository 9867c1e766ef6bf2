import { createHash } from 'node:crypto'
import { z } from '@/core/base/zod'
import { verdictSnapshot } from '@/core/trip/readiness/verdictSnapshot'
import { canonicalJson } from '@/records/archive/format/canonicalJson'
import { database } from '@/records/database'
import { programVersion } from '@/records/programVersion'
import { NotFoundError } from '@/records/RecordsError'
import { lastFingerprint, saveVerdict, type StoredVerdict } from '@/records/repositories/trips/verdicts'
import { idField } from '@/services/shared/fields'
import { judgedTrip, type JudgedTrip } from './judgedTrip'

/** Of everything that a verdict depends on but the moment: a day later it is the same one. */
function fingerprint({ gear, plan, acceptances, ready }: JudgedTrip): string {
  const findings = ready.answered.map(({ key, finding: { severity } }) => [key, severity])
  const basis = { program: programVersion(), gear, plan, acceptances, findings, verdict: ready.verdict }
  return createHash('sha256').update(canonicalJson(basis)).digest('hex')
}

/** When this verdict was kept; null when the last one kept is another. */
export function keptSince(judged: JudgedTrip): string | null {
  const last = lastFingerprint(database(), judged.row.id)
  return last?.fingerprint === fingerprint(judged) ? last.judgedAt : null
}

export const keepingSchema = z.strictObject({ tripId: idField })

/**
 * Keeps the present verdict of a trip with all that it depends on, unless the last one kept is the same.
 *
 * @throws NotFoundError when there is no such trip
 */
export function keepVerdict(tripId: string, now: Date): Pick<StoredVerdict, 'id' | 'judgedAt'> {
  const judged = judgedTrip(tripId, now)
  if (!judged) throw new NotFoundError('trip')
  const { id, judgedAt } = saveVerdict(database(), {
    tripId,
    judgedAt: now.toISOString(),
    verdict: judged.ready.verdict,
    fingerprint: fingerprint(judged),
    kept: verdictSnapshot(judged, programVersion()),
  })
  return { id, judgedAt }
}
