import { InputError } from '@/core/base/InputError'
import { faultKinds, type FaultKindId } from '@/core/practice/faults/faults'
import type { FaultPlace, Repair } from '@/core/practice/faults/faultKind'
import { type Answer, CANNOT_TELL, type Check, checkActs, lightsFlame } from './check'
import { type DiagnosisModel, type Hypothesis } from './diagnosisModel'
import { knownAnswers } from './knownAnswers'
import { type DangerSign, dangerSigns, type EmergencyId, type SymptomId } from './symptoms'

/** Part of a fault as it is shown. */
export interface RankedFault {
  /** One fault, or two at once. */
  faults: readonly { kind: FaultKindId; label: string; place: FaultPlace; repair: Repair; isNormal: boolean }[]
  probability: number
  /** Answers that speak for it. */
  restsOn: readonly string[]
  /** No allowed check tells faults of one group apart. */
  group: number
}

export interface Diagnosis {
  /** The sheet that ends the search; null while it may go on. */
  emergency: EmergencyId | null
  /** Most likely first. */
  ranked: readonly RankedFault[]
  /** What to check next; null when nothing allowed would tell more. */
  next: Check | null
  /** Why this one: bits of information it brings on average. */
  nextBits: number
  /** The search is over: the first fault, or its group, is likely enough, or nothing more can be found out. */
  isDone: boolean
  /** Answers that no fault explains together. */
  contradiction: readonly [Answer, Answer] | null
  /** What was measured before and counts without being asked. */
  known: readonly (Answer & { from: string })[]
}

/** Share of wrong answers that the ranking allows for. */
const WRONG_SHARE = 0.06
/** Share of complaints that do not fit the fault. */
const ODD_COMPLAINT = 0.02
/** Probability from which a fault is named. */
const SURE = 0.86
/** Answers after which the most likely fault is named anyway. */
const MOST_ANSWERS = 7
/** Information below which a check is not worth asking, bits. */
const LEAST_BITS = 0.04
/** Minutes that reading and answering take. */
const ASKING_MIN = 0.7
/** Probability of a leak or of too much pressure from which no flame is lit for a check. */
const NO_FLAME_FROM = 0.08

const unsafeToLight: readonly FaultKindId[] = [
  'loose-pigtail',
  'taped',
  'lookalike',
  'stem',
  'regulator-creep',
  'tipped',
  'overfilled',
  'wrong-orifice',
]

function likelihood(
  model: DiagnosisModel,
  { outcomes }: Hypothesis,
  { check, outcome }: Answer,
  wrong: number,
): number {
  const i = model.checks.findIndex(({ id }) => id === check)
  const asked = model.checks[i]
  const k = asked?.outcomes.findIndex(({ id }) => id === outcome) ?? -1
  if (!asked || k === -1) return 1
  return (1 - wrong) * (outcomes[i]?.[k] ?? 0) + wrong / asked.outcomes.length
}

function normalized(weights: readonly number[]): number[] {
  const sum = weights.reduce((total, weight) => total + weight, 0)
  return weights.map((weight) => (sum > 0 ? weight / sum : 0))
}

/** Probability of each group of faults that nothing tells apart. */
function byGroup({ hypotheses }: DiagnosisModel, chances: readonly number[]): Map<number, number> {
  const sums = new Map<number, number>()
  hypotheses.forEach(({ group }, i) => sums.set(group, (sums.get(group) ?? 0) + (chances[i] ?? 0)))
  return sums
}

function entropyBits(chances: Iterable<number>): number {
  let bits = 0
  for (const chance of chances) if (chance > 0) bits -= chance * Math.log2(chance)
  return bits
}

/** Expected fall of the entropy over the groups when a check is answered. */
function expectedBits(model: DiagnosisModel, chances: readonly number[], i: number): number {
  const check = model.checks[i]
  if (!check) return 0
  const before = entropyBits(byGroup(model, chances).values())
  let after = 0
  check.outcomes.forEach((_, k) => {
    const joint = model.hypotheses.map(
      ({ outcomes }, h) =>
        (chances[h] ?? 0) * ((1 - WRONG_SHARE) * (outcomes[i]?.[k] ?? 0) + WRONG_SHARE / check.outcomes.length),
    )
    const chance = joint.reduce((sum, one) => sum + one, 0)
    if (chance > 1e-9) after += chance * entropyBits(byGroup(model, normalized(joint)).values())
  })
  return before - after
}

function requireAnswers(model: DiagnosisModel, answers: readonly Answer[]): void {
  answers.forEach(({ check, outcome }, i) => {
    const asked = model.checks.find(({ id }) => id === check)
    if (!asked) throw new InputError(`answers.${i}.check`, `This rig has no check “${check}”.`)
    if (outcome !== CANNOT_TELL && !asked.outcomes.some(({ id }) => id === outcome)) {
      throw new InputError(`answers.${i}.outcome`, `“${outcome}” is no answer to “${check}”.`)
    }
    if (answers.findIndex((one) => one.check === check) !== i) {
      throw new InputError(`answers.${i}.check`, `“${check}” is answered twice.`)
    }
  })
}

/** Whether any answer comes from the rig itself, not only from what its owner recalls. */
function isLookedAt({ checks }: DiagnosisModel, answers: readonly Answer[]): boolean {
  return answers.some(({ check }) => checks.find(({ id }) => id === check)?.acts.some((act) => act !== 'recall'))
}

/** Two answers that no fault gives together, though each alone fits one. */
function contradictionIn(model: DiagnosisModel, answers: readonly Answer[]): readonly [Answer, Answer] | null {
  const possible = (one: readonly Answer[]): boolean =>
    model.hypotheses.some((hypothesis) => one.every((answer) => likelihood(model, hypothesis, answer, 0) > 0))
  for (const [i, first] of answers.entries()) {
    for (const second of answers.slice(i + 1)) {
      if (possible([first]) && possible([second]) && !possible([first, second])) return [first, second]
    }
  }
  return null
}

/** Checks whose answer would tell most for their time; none that lights a flame where gas may escape. */
function bestCheck(
  model: DiagnosisModel,
  chances: readonly number[],
  asked: ReadonlySet<string>,
  noFlame: boolean,
): { check: Check; bits: number } | null {
  let best: { check: Check; bits: number; rate: number } | null = null
  model.checks.forEach((check, i) => {
    if (asked.has(check.id) || !check.acts.every((act) => checkActs[act].isAllowed)) return
    if (noFlame && lightsFlame(check)) return
    const bits = expectedBits(model, chances, i)
    const rate = bits / (check.minutes + ASKING_MIN)
    if (bits >= LEAST_BITS && (!best || rate > best.rate)) best = { check, bits, rate }
  })
  return best
}

/**
 * Ranks the faults of a rig by what was seen, and names the check that tells most for its effort.
 *
 * Bayes' rule over single faults and common pairs: prior weights, the symptoms, and every answer with its chance under
 * each fault, computed from the faulted rig.
 *
 * @param model - of the rig
 * @param complaint - symptoms, and signs of danger, of which any ends the search
 * @param answers - so far, in any order
 * @throws InputError for an answer that this rig has no check for
 */
export function diagnose(
  model: DiagnosisModel,
  complaint: { symptoms: readonly SymptomId[]; dangers: readonly DangerSign[] },
  answers: readonly Answer[],
): Diagnosis {
  requireAnswers(model, answers)
  const known = knownAnswers(model).filter(({ check }) => !answers.some((one) => one.check === check))
  const [danger] = complaint.dangers
  if (danger) {
    const emergency = dangerSigns[danger].sheet
    return { emergency, ranked: [], next: null, nextBits: 0, isDone: true, contradiction: null, known }
  }
  const given = answers.filter(({ outcome }) => outcome !== CANNOT_TELL)
  const counted = [...given, ...known]
  const chances = normalized(
    model.hypotheses.map((hypothesis) => {
      const fits = complaint.symptoms.map((symptom) => (hypothesis.symptoms.has(symptom) ? 1 : ODD_COMPLAINT))
      const likely = counted.map((answer) => likelihood(model, hypothesis, answer, WRONG_SHARE))
      return [...fits, ...likely].reduce((product, factor) => product * factor, hypothesis.weight)
    }),
  )
  const isUnsafe = ({ faults }: Hypothesis): boolean => faults.some(({ kind }) => unsafeToLight.includes(kind))
  const unsafe = chances.reduce((sum, chance, i) => {
    const hypothesis = model.hypotheses[i]
    return hypothesis && isUnsafe(hypothesis) ? sum + chance : sum
  }, 0)
  const noFlame =
    complaint.symptoms.includes('smell') || complaint.symptoms.includes('flame-wrong') || unsafe > NO_FLAME_FROM
  const asked = new Set([...answers, ...known].map(({ check }) => check))
  const best = bestCheck(model, chances, asked, noFlame)
  const groups = byGroup(model, chances)
  const ranked = model.hypotheses
    .map((hypothesis, i): RankedFault => ({
      faults: hypothesis.faults.map(({ kind, place }) => {
        const { label, repair, isNormal = false } = faultKinds[kind]
        return { kind, label, place, repair, isNormal }
      }),
      probability: chances[i] ?? 0,
      restsOn: restsOn(model, hypothesis, counted),
      group: hypothesis.group,
    }))
    .toSorted((a, b) => b.probability - a.probability)
  const top = ranked[0] ? (groups.get(ranked[0].group) ?? 0) : 0
  return {
    emergency: null,
    ranked,
    next: best?.check ?? null,
    nextBits: best?.bits ?? 0,
    isDone: (top >= SURE && isLookedAt(model, given)) || best === null || answers.length >= MOST_ANSWERS,
    contradiction: contradictionIn(model, given),
    known,
  }
}

/** Answers at least twice as likely with this fault as on average. */
function restsOn(model: DiagnosisModel, hypothesis: Hypothesis, answers: readonly Answer[]): string[] {
  return answers.flatMap((answer) => {
    const all = model.hypotheses.map((one) => likelihood(model, one, answer, WRONG_SHARE))
    const mean = all.reduce((sum, one) => sum + one, 0) / Math.max(1, all.length)
    return likelihood(model, hypothesis, answer, WRONG_SHARE) > 2 * mean ? [answer.check] : []
  })
}
