import fc from 'fast-check'
import { add, edited, outside, soundStart } from '@tests/lines'
import type { Line } from '@/core/hookup/line/line'
import { diagnose } from '@/core/practice/diagnosis/diagnose'
import { diagnosisModel } from '@/core/practice/diagnosis/diagnosisModel'
import { drillIds, startDrill } from '@/core/practice/drills/drills'
import { faultContext, faultedState, faultKey, faultKinds, possibleFaults } from '@/core/practice/faults/faults'
import { type PracticeRig, practiceRigSchema } from '@/core/practice/rig/practiceRig'
import { soundState } from '@/core/practice/rig/rigState'
import { diagnosisRun } from './answerTruthfully'

const kinds = ['furnace', 'water-heater', 'fridge', 'cooktop', 'panel', 'oven'] as const

/** Cylinders and regulator of a ready-made line, then a trunk of tees with other appliances. */
function trunk(start: 'two-cylinders' | 'panel-and-stove', appliances: readonly (typeof kinds)[number][]): Line {
  const [after, keep] =
    start === 'two-cylinders'
      ? ['nipple', ['left', 'left-pigtail', 'right', 'right-pigtail', 'changeover', 'nipple']]
      : ['nipple', ['cylinder', 'pigtail', 'regulator', 'nipple']]
  const whole = soundStart(start)
  const parts = whole.parts.filter(({ id }) => keep.includes(id))
  const joints = whole.joints.filter(({ from, to }) => keep.includes(from.partId) && keep.includes(to.partId))
  let line = edited({ ...whole, parts, joints }, add('run-0', 'tube-3/8', after))
  appliances.forEach((typeId, i) => {
    line = edited(
      line,
      add(`tee-${i}`, 'tee-flare-3/8', `run-${i}`),
      add(`tube-${i}`, 'tube-3/8', `tee-${i}`),
      add(`appliance-${i}`, typeId, `tube-${i}`),
      add(`run-${i + 1}`, 'tube-3/8', `tee-${i}`),
    )
  })
  return outside(edited(line, add('end', 'cap-flare-3/8', `run-${appliances.length}`)))
}

const anyRig: fc.Arbitrary<PracticeRig> = fc
  .record({
    start: fc.constantFrom('two-cylinders' as const, 'panel-and-stove' as const),
    appliances: fc.array(fc.constantFrom(...kinds), { minLength: 1, maxLength: 4 }),
    outsideK: fc.double({ min: 255, max: 305, noNaN: true }),
    altitudeM: fc.integer({ min: 0, max: 3000 }),
  })
  .map(({ start, appliances, ...site }) => practiceRigSchema.parse({ line: trunk(start, appliances), ...site }))

test('on any rig: every fault changes what is seen, or ends in a sheet, and none is seen where nothing is wrong', () => {
  fc.assert(
    fc.property(anyRig, (rig) => {
      const context = faultContext(rig)
      const sound = JSON.stringify(soundState(rig))
      const alike = possibleFaults(context).filter((fault) => JSON.stringify(faultedState(context, [fault])) === sound)
      expect(alike.map(faultKey)).toEqual([])
      const { hypotheses } = diagnosisModel(rig)
      expect(hypotheses.every(({ symptoms }) => symptoms.size > 0)).toBe(true)
      for (const { outcomes } of hypotheses) {
        // Every check has an answer: its chances make one whole.
        for (const chances of outcomes) expect(chances.reduce((sum, chance) => sum + chance, 0)).toBeCloseTo(1, 6)
      }
    }),
    { numRuns: 8 },
  )
}, 60_000)

test('on any rig: a fault answered truthfully is named first, or with those that no check tells from it', () => {
  fc.assert(
    fc.property(anyRig, fc.nat({ max: 1000 }), (rig, seed) => {
      const model = diagnosisModel(rig)
      for (let i = 0; i < 6; i += 1) {
        const run = diagnosisRun(model, seed + i)
        if (!run) continue
        expect([faultKey(run.fault), run.rank]).toEqual([faultKey(run.fault), 1])
        expect(run.answers).toBeLessThanOrEqual(7)
      }
    }),
    { numRuns: 12 },
  )
}, 120_000)

test('on any rig: probabilities make one whole, more answers never leave a rig without a ranking', () => {
  fc.assert(
    fc.property(anyRig, fc.array(fc.nat({ max: 97 }), { maxLength: 6 }), (rig, picks) => {
      const model = diagnosisModel(rig)
      const answers: { check: string; outcome: string }[] = []
      for (const pick of picks) {
        const { ranked, next } = diagnose(model, { symptoms: ['weak'], dangers: [] }, answers)
        expect(ranked.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 6)
        const outcome = next?.outcomes[pick % next.outcomes.length]
        if (!next || !outcome) break
        answers.push({ check: next.id, outcome: outcome.id })
      }
    }),
    { numRuns: 6 },
  )
}, 60_000)

test('on any rig: every drill can be started, on it or on a sample', () => {
  fc.assert(
    fc.property(anyRig, fc.constantFrom(...drillIds), fc.nat({ max: 99 }), (rig, id, seed) => {
      const { scene } = startDrill(id, seed, rig)
      expect(scene.needs.length).toBeGreaterThan(0)
      expect(scene.story.length).toBeGreaterThan(0)
      for (const { kind } of scene.faults) expect(faultKinds[kind].label).not.toBe('')
    }),
    { numRuns: 30 },
  )
}, 60_000)
