import {
  type Fault,
  faultContext,
  faultedState,
  faultKinds,
  type FaultKindId,
  possibleFaults,
} from '@/core/practice/faults/faults'
import type { FaultContext } from '@/core/practice/faults/faultKind'
import type { PracticeRig } from '@/core/practice/rig/practiceRig'
import type { Check } from './check'
import { lineChecks } from './lineChecks'
import { supplyChecks } from './supplyChecks'
import { type SymptomId } from './symptoms'
import { symptomsOf } from './symptomsOf'
import { useChecks } from './useChecks'

/** One explanation: a fault, or two at once. */
export interface Hypothesis {
  faults: readonly Fault[]
  /** Before anything is known, per 100 calls. */
  weight: number
  symptoms: ReadonlySet<SymptomId>
  /** Chance of each outcome, by check, in the order of its outcomes. */
  outcomes: readonly (readonly number[])[]
  /** Hypotheses with the same number answer every check alike: no allowed check tells them apart. */
  group: number
}

/** Everything the diagnosis of a rig needs; it is computed once. */
export interface DiagnosisModel {
  context: FaultContext
  checks: readonly Check[]
  hypotheses: readonly Hypothesis[]
}

/** Faults common enough to come two at a time. */
const commonKinds: readonly FaultKindId[] = [
  'valve-shut',
  'lever',
  'limiter',
  'empty',
  'air',
  'battery',
  'igniter',
  'branch',
]

/** Chance that a second fault is there by accident, over what its weight says. [common practice] */
const TOGETHER = 0.2

function pairsOf(singles: readonly Fault[]): Fault[][] {
  const common = commonKinds.flatMap((kind) => singles.find((fault) => fault.kind === kind) ?? [])
  return common.flatMap((one, i) => common.slice(i + 1).map((other) => [one, other]))
}

/**
 * Hypotheses, checks, and the outcome of every check under every hypothesis, computed from the faulted rig.
 *
 * Faults that end in an emergency sheet are no hypotheses: their signs end the search at once.
 *
 * @param rig - with one line
 * @param onProgress - called with the share that is done
 * @throws InputError as practiceGraph does
 */
export function diagnosisModel(
  rig: PracticeRig,
  onProgress: (share: number) => void = () => undefined,
): DiagnosisModel {
  const context = faultContext(rig)
  const singles = possibleFaults(context).filter(({ kind }) => faultKinds[kind].emergency === undefined)
  const counts = new Map<FaultKindId, number>()
  for (const { kind } of singles) counts.set(kind, (counts.get(kind) ?? 0) + 1)
  const weightOf = ({ kind }: Fault): number => faultKinds[kind].weight / (counts.get(kind) ?? 1)
  const checks = [...useChecks, ...supplyChecks, ...lineChecks].flatMap((family) => family(context))
  const groups = new Map<string, number>()
  const all = [...singles.map((fault) => [fault]), ...pairsOf(singles)]
  const hypotheses = all.map((faults, i): Hypothesis => {
    const state = faultedState(context, faults)
    const outcomes = checks.map((check) => {
      const chances = check.predict(state, faults)
      return check.outcomes.map(({ id }) => chances[id] ?? 0)
    })
    const key = JSON.stringify(outcomes.filter((_, k) => checks[k]?.isHint !== true))
    const group = groups.get(key) ?? groups.size
    groups.set(key, group)
    onProgress((i + 1) / all.length)
    const [first, second] = faults
    const weight = (first ? weightOf(first) : 0) * (second ? (weightOf(second) / 100) * TOGETHER : 1)
    return { faults, weight, symptoms: symptomsOf(context, state), outcomes, group }
  })
  // What nobody would notice brings nobody here.
  return { context, checks, hypotheses: hypotheses.filter(({ symptoms }) => symptoms.size > 0) }
}
