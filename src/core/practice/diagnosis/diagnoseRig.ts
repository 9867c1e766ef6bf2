import { z } from '@/core/base/zod'
import { practiceRigSchema } from '@/core/practice/rig/practiceRig'
import type { Check } from './check'
import { diagnose, type RankedFault } from './diagnose'
import { diagnosisModel } from './diagnosisModel'
import { dangerSignIds, symptomIds } from './symptoms'

const answerSchema = z.strictObject({ check: z.string().min(1).max(140), outcome: z.string().min(1).max(140) })

/** A rig, what its owner sees, and what was answered so far. */
export const diagnoseSchema = z.strictObject({
  rig: practiceRigSchema,
  symptoms: z.array(z.enum(symptomIds)).max(4).default([]),
  dangers: z.array(z.enum(dangerSignIds)).max(8).default([]),
  answers: z.array(answerSchema).max(40).default([]),
})

/** Faults that an answer lists. */
const LISTED = 10

/** A check as it is asked. */
export interface AskedCheck {
  id: string
  ask: string
  how: string
  minutes: number
  outcomes: Check['outcomes']
  partId: string | null
}

/** The diagnosis without functions, as it leaves a worker or a route. */
export interface RigDiagnosis {
  emergency: string | null
  isDone: boolean
  ranked: readonly RankedFault[]
  /** How likely the first fault or any that no check tells from it is. */
  groupProbability: number
  next: AskedCheck | null
  nextBits: number
  contradiction: readonly { check: string; outcome: string }[] | null
  known: readonly { check: string; outcome: string; from: string }[]
  /** Every answered or known check with its words. */
  asked: readonly { id: string; ask: string; outcome: string; label: string }[]
}

/** Models of the last rigs, so that an answer does not compute them again. */
const models = new Map<string, ReturnType<typeof diagnosisModel>>()
const KEPT = 4

function modelFor(rig: z.output<typeof practiceRigSchema>, onProgress?: (share: number) => void) {
  const key = JSON.stringify(rig)
  const known = models.get(key)
  if (known) return known
  const model = diagnosisModel(rig, onProgress)
  models.set(key, model)
  const [oldest] = models.keys()
  if (models.size > KEPT && oldest !== undefined) models.delete(oldest)
  return model
}

const asAsked = ({ id, ask, how, minutes, outcomes, partId }: Check): AskedCheck => ({
  id,
  ask,
  how,
  minutes,
  outcomes,
  partId: partId ?? null,
})

/**
 * Ranks the faults of a rig and names the next check.
 *
 * @param input - see diagnoseSchema
 * @param onProgress - called with the share of the rig's table that is computed
 * @throws InputError for a line without a cylinder, or an answer that this rig has no check for
 */
export function diagnoseRig(
  { rig, symptoms, dangers, answers }: z.output<typeof diagnoseSchema>,
  onProgress?: (share: number) => void,
): RigDiagnosis {
  const model = modelFor(rig, onProgress)
  const found = diagnose(model, { symptoms, dangers }, answers)
  const first = found.ranked[0]
  return {
    emergency: found.emergency,
    isDone: found.isDone,
    ranked: found.ranked.slice(0, LISTED),
    groupProbability: found.ranked
      .filter(({ group }) => group === first?.group)
      .reduce((sum, { probability }) => sum + probability, 0),
    next: found.next && asAsked(found.next),
    nextBits: found.nextBits,
    contradiction: found.contradiction,
    known: found.known,
    asked: [...answers, ...found.known].flatMap(({ check, outcome }) => {
      const asked = model.checks.find(({ id }) => id === check)
      const label = asked?.outcomes.find(({ id }) => id === outcome)?.label ?? 'Cannot tell'
      return asked ? [{ id: check, ask: asked.ask, outcome, label }] : []
    }),
  }
}
