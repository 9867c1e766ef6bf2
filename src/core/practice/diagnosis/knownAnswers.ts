import { changeoverStates } from '@/core/hookup/line/changeoverSides'
import { soundState, withSource, type RigState } from '@/core/practice/rig/rigState'
import { practiceCylinder } from '@/core/practice/rig/practiceRig'
import type { Answer } from './check'
import type { DiagnosisModel } from './diagnosisModel'

/** The rig as measured: contents, lever and charge as its owner entered them. */
function measuredState({ context }: DiagnosisModel): RigState {
  const { rig } = context
  const filled = rig.known.cylinders.reduce((state, partId) => {
    const { massKg } = practiceCylinder(rig, partId)
    return massKg === null ? state : withSource(state, partId, { massKg })
  }, soundState(rig))
  return rig.known.battery && rig.batteryShare !== null ? { ...filled, batteryShare: rig.batteryShare } : filled
}

/**
 * Answers that the records give: weights, gauge, lever and battery of the last hours.
 *
 * @param model - of the rig
 */
export function knownAnswers(model: DiagnosisModel): (Answer & { from: string })[] {
  const { rig, graph } = model.context
  const measured = measuredState(model)
  const weighed = new Set(rig.known.cylinders.filter((id) => practiceCylinder(rig, id).massKg !== null))
  const found: { check: string; from: string }[] = [...weighed].flatMap((id) => [
    { check: `lift ${id}`, from: 'weighed' },
    { check: `gauge ${id}`, from: 'read at its gauge' },
  ])
  for (const { changeover, sides } of changeoverStates(graph, undefined)) {
    if (rig.known.lever && sides.every(({ cylinder }) => weighed.has(cylinder.part.id))) {
      found.push({ check: `lever ${changeover.part.id}`, from: 'lever and weights entered' })
    }
  }
  if (rig.known.battery && rig.batteryShare !== null) found.push({ check: 'volts', from: 'battery entered' })
  return found.flatMap(({ check, from }) => {
    const asked = model.checks.find(({ id }) => id === check)
    const likely = asked && Object.entries(asked.predict(measured, [])).toSorted(([, a], [, b]) => b - a)[0]
    return likely ? [{ check, outcome: likely[0], from }] : []
  })
}
