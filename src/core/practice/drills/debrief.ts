import { heatingValueJPerKg } from '@/core/fluids/fluidData'
import { applianceInputW } from '@/core/hookup/line/lineGraph'
import { CANNOT_TELL, lightsFlame, type Answer } from '@/core/practice/diagnosis/check'
import { diagnose } from '@/core/practice/diagnosis/diagnose'
import { diagnosisModel } from '@/core/practice/diagnosis/diagnosisModel'
import { faultedState, faultKinds } from '@/core/practice/faults/faults'
import type { Bench } from './bench'
import { drillState, type StartedDrill } from './drills'

/** One step of what an expert does. */
export interface ExpertStep {
  text: string
  /** What it shows; empty where it is done, not looked at. */
  shows: string
  minutes: number
  /** Gas that it burns. */
  gasKg: number
}

export interface Debrief {
  result: 'good' | 'bad' | 'open'
  /** Why it ended badly. */
  badEnd: string | null
  missing: readonly string[]
  mistakes: readonly string[]
  faults: readonly { label: string; place: string; partId: string }[]
  expert: readonly ExpertStep[]
  reasons: readonly string[]
  minutes: number
  expertMinutes: number
  /** Gas burned and lost. */
  gasKg: number
  /** Gas that an expert's checks burn. */
  expertGasKg: number
}

/** Time that a repair or a step of an emergency sheet takes, min. [common practice] */
const STEP_MIN = 1
const MOST_CHECKS = 12
/** Share of a check's time for which its burner is lit. [common practice] */
const LIT_SHARE = 0.3

/**
 * The order in which the diagnosis would have looked, with what the faulted rig shows.
 *
 * @param drill - with faults
 */
function expertOrder({ scene }: StartedDrill): ExpertStep[] {
  if (scene.symptom === null) return []
  const model = diagnosisModel(scene.rig)
  const state = faultedState(model.context, scene.faults)
  const complaint = { symptoms: [scene.symptom], dangers: [] }
  const [burner] = model.context.appliances
  const burnerW = burner ? applianceInputW(burner) : 0
  const answers: Answer[] = []
  const steps: ExpertStep[] = []
  for (let i = 0; i < MOST_CHECKS; i += 1) {
    const { next, isDone } = diagnose(model, complaint, answers)
    if (isDone || !next) break
    const [seen] = Object.entries(next.predict(state, scene.faults)).toSorted(([, a], [, b]) => b - a)
    const outcome = next.outcomes.find(({ id }) => id === seen?.[0])
    answers.push({ check: next.id, outcome: outcome?.id ?? CANNOT_TELL })
    const gasKg = lightsFlame(next) ? (burnerW / heatingValueJPerKg()) * next.minutes * 60 * LIT_SHARE : 0
    steps.push({ text: next.ask, shows: outcome?.label ?? '', minutes: next.minutes, gasKg })
  }
  return steps
}

/**
 * What the rig did, what an expert would have done, and why.
 *
 * @param drill - as it was started
 * @param bench - as it ended
 */
export function debrief(drill: StartedDrill, bench: Bench): Debrief {
  const { scene } = drill
  const { result, needs } = drillState(drill, bench)
  const looked = expertOrder(drill)
  const repairs = scene.faults.flatMap(({ kind }) => (scene.symptom === null ? [] : faultKinds[kind].repair.steps))
  const done = [...(scene.expert ?? []), ...repairs].map((text) => ({ text, shows: '', minutes: STEP_MIN, gasKg: 0 }))
  const expert = [...looked, ...done]
  return {
    result,
    badEnd: bench.badEnd,
    missing: needs.filter(({ isMet }) => !isMet).map(({ text }) => text),
    mistakes: bench.mistakes,
    faults: scene.faults.map(({ kind, place }) => ({
      label: faultKinds[kind].label,
      place: place.name,
      partId: place.partId,
    })),
    expert,
    reasons: scene.reasons,
    minutes: bench.timeS / 60,
    expertMinutes: expert.reduce((sum, { minutes }) => sum + minutes, 0),
    gasKg: bench.burnedKg + bench.lostKg,
    expertGasKg: expert.reduce((sum, { gasKg }) => sum + gasKg, 0),
  }
}
