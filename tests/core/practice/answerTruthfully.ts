import { seededRandom, between } from '@/core/math/seededRandom'
import type { Answer } from '@/core/practice/diagnosis/check'
import { diagnose, type Diagnosis } from '@/core/practice/diagnosis/diagnose'
import type { DiagnosisModel } from '@/core/practice/diagnosis/diagnosisModel'
import type { SymptomId } from '@/core/practice/diagnosis/symptoms'
import { symptomsOf } from '@/core/practice/diagnosis/symptomsOf'
import {
  type Fault,
  faultContext,
  faultedState,
  faultKey,
  faultKinds,
  possibleFaults,
} from '@/core/practice/faults/faults'
import type { PracticeRig } from '@/core/practice/rig/practiceRig'

export interface DiagnosisRun {
  fault: Fault
  symptom: SymptomId
  answers: number
  /** Place of the fault's group in the ranking, from 1. */
  rank: number
  ended: Diagnosis
}

/** The rig as it really is: contents, weather and charge that the diagnosis does not know. */
function realRig(rig: PracticeRig, random: () => number): PracticeRig {
  return {
    ...rig,
    cylinders: rig.cylinders.map((one) => ({ ...one, massKg: one.waterCapacityKg * between(random, 0.12, 0.41) })),
    outsideK: rig.outsideK + between(random, -2, 2),
    batteryShare: between(random, 0.4, 1),
  }
}

function drawn(random: () => number, chances: Readonly<Record<string, number>>): string {
  let left = random()
  const all = Object.entries(chances)
  for (const [id, chance] of all) {
    left -= chance
    if (left <= 0) return id
  }
  return all.at(-1)?.[0] ?? ''
}

/**
 * Hides a fault in a rig and answers the diagnosis as that rig does.
 *
 * @param model - of the rig as its owner knows it
 * @param seed - which fault, symptom and numbers
 * @param wrongShare - of the answers that are wrong
 */
export function diagnosisRun(model: DiagnosisModel, seed: number, wrongShare = 0): DiagnosisRun | null {
  const random = seededRandom(seed)
  const real = faultContext(realRig(model.context.rig, random))
  const faults = possibleFaults(real).filter(({ kind }) => faultKinds[kind].emergency === undefined)
  const fault = faults[seed % faults.length]
  if (!fault) return null
  const state = faultedState(real, [fault])
  const symptoms = [...symptomsOf(real, state)]
  const symptom = symptoms[Math.floor(random() * symptoms.length)]
  const mine = model.hypotheses.find(
    (one) => one.faults.length === 1 && one.faults.map(faultKey)[0] === faultKey(fault),
  )
  // What nobody would notice brings nobody here.
  if (!symptom || !mine) return null
  const complaint = { symptoms: [symptom], dangers: [] }
  const answers: Answer[] = []
  let ended = diagnose(model, complaint, answers)
  while (!ended.isDone && ended.next) {
    const { id, outcomes, predict } = ended.next
    const isWrong = random() < wrongShare
    const wrong = outcomes[Math.floor(random() * outcomes.length)]?.id ?? ''
    answers.push({ check: id, outcome: isWrong ? wrong : drawn(random, predict(state, [fault])) })
    ended = diagnose(model, complaint, answers)
  }
  const groups = [...new Set(ended.ranked.map(({ group }) => group))]
  return { fault, symptom, answers: answers.length, rank: groups.indexOf(mine.group) + 1, ended }
}
