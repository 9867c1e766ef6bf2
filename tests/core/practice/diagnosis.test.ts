import fc from 'fast-check'
import { quantile } from '@/core/math/statistics'
import { checkActs, lightsFlame } from '@/core/practice/diagnosis/check'
import { diagnose } from '@/core/practice/diagnosis/diagnose'
import { type DiagnosisModel, diagnosisModel } from '@/core/practice/diagnosis/diagnosisModel'
import { dangerSignIds, dangerSigns, symptomIds } from '@/core/practice/diagnosis/symptoms'
import { faultKey, faultKinds, faultKindIds } from '@/core/practice/faults/faults'
import { practiceRigSchema, type PracticeRig } from '@/core/practice/rig/practiceRig'
import { sampleRigs } from '@/core/practice/rig/sampleRigs'
import { chain, change, edited, outside, soundStart } from '@tests/lines'
import { diagnosisRun, type DiagnosisRun } from './answerTruthfully'

/** PRACTICE_RUNS=500 for the table of a release. */
const RUNS = Number(process.env.PRACTICE_RUNS ?? 60)

/** The owner has weighed nothing. */
const unweighed = (rig: PracticeRig): PracticeRig => ({
  ...rig,
  cylinders: rig.cylinders.map((one) => ({ ...one, massKg: null })),
})

const models = new Map<string, DiagnosisModel>()

function modelOf(name: keyof typeof sampleRigs): DiagnosisModel {
  const found = models.get(name) ?? diagnosisModel(unweighed(sampleRigs[name]))
  models.set(name, found)
  return found
}

const names = Object.keys(sampleRigs) as (keyof typeof sampleRigs)[]

const runsOf = (name: keyof typeof sampleRigs, wrongShare: number): DiagnosisRun[] =>
  Array.from({ length: RUNS }, (_, seed) => diagnosisRun(modelOf(name), seed, wrongShare) ?? []).flat()

const complaints = fc.record({
  symptoms: fc.uniqueArray(fc.constantFrom(...symptomIds), { minLength: 1, maxLength: 2 }),
  dangers: fc.constant([]),
})

/** Answers at random to what is asked, and what is asked in turn. */
function walk(model: DiagnosisModel, complaint: Parameters<typeof diagnose>[1], picks: readonly number[]) {
  const answers: { check: string; outcome: string }[] = []
  const diagnoses = [diagnose(model, complaint, answers)]
  for (const pick of picks) {
    const next = diagnoses.at(-1)?.next
    if (!next) break
    const outcome = next.outcomes[pick % next.outcomes.length]?.id ?? 'cannot-tell'
    answers.push({ check: next.id, outcome: pick % 7 === 0 ? 'cannot-tell' : outcome })
    diagnoses.push(diagnose(model, complaint, answers))
  }
  return { answers, diagnoses }
}

const picks = fc.array(fc.nat({ max: 997 }), { maxLength: 8 })

describe.each(names)('on the %s', (name) => {
  it('names every fault first in at most 7 answers, answered truthfully, 4 or fewer as a rule', () => {
    const runs = runsOf(name, 0)
    const missed = runs.filter(({ rank, answers }) => rank !== 1 || answers > 7)
    expect(
      missed.map(({ fault, symptom, rank, answers }) => `${faultKey(fault)}, ${symptom}: ${rank}, ${answers}`),
    ).toEqual([])
    const counts = runs.map(({ answers }) => answers).toSorted((a, b) => a - b)
    expect(quantile(counts, 0.5)).toBeLessThanOrEqual(4)
    expect(new Set(runs.map(({ fault }) => fault.kind)).size).toBeGreaterThan(12)
  })

  it('has the fault among the first three with one answer in ten wrong, nine times in ten', () => {
    const runs = runsOf(name, 0.1)
    expect(runs.filter(({ rank }) => rank <= 3).length).toBeGreaterThanOrEqual(runs.length * 0.9)
  })

  it('never asks for what an owner may not do, whatever is answered', () => {
    fc.assert(
      fc.property(complaints, picks, (complaint, picked) => {
        const { diagnoses } = walk(modelOf(name), complaint, picked)
        const asked = diagnoses.flatMap(({ next }) => next ?? [])
        expect(asked.flatMap(({ acts }) => acts).filter((act) => !checkActs[act].isAllowed)).toEqual([])
        const words = asked.map(({ ask, how }) => `${ask} ${how}`).join(' ')
        expect(words).not.toMatch(/match|wrench on|open the (orifice|regulator)|bypass|heat the|unscrew/i)
        const smells = complaint.symptoms.includes('smell') || complaint.symptoms.includes('flame-wrong')
        expect(smells ? asked.filter(lightsFlame) : []).toEqual([])
      }),
      { numRuns: 40 },
    )
  })

  it('ends in the sheet at once for each sign of danger, from any point', () => {
    fc.assert(
      fc.property(complaints, picks, fc.constantFrom(...dangerSignIds), (complaint, picked, danger) => {
        const model = modelOf(name)
        const { answers } = walk(model, complaint, picked)
        const ended = diagnose(model, { ...complaint, dangers: [danger] }, answers)
        expect(ended).toMatchObject({ emergency: dangerSigns[danger].sheet, isDone: true, next: null })
      }),
      { numRuns: 30 },
    )
  })
})

it('names the faults that only other lines have: automatic shut-off, filter, long hose, CO2 regulator', () => {
  const long = edited(soundStart('splitter'), change('heater-hose', { lengthM: 8 }))
  const primed = chain('cylinder-both', 'shut-off-gauge', 'pigtail-acme', 'two-stage', 'npt-to-flare-3/8', 'cooktop')
  const rigs = [long, primed, soundStart('keg')].map((line) =>
    practiceRigSchema.parse({ line: outside(line), outsideK: 285 }),
  )
  const named = rigs.flatMap((rig) => {
    const model = diagnosisModel(rig)
    return Array.from({ length: 60 }, (_, seed) => diagnosisRun(model, seed) ?? []).flat()
  })
  expect(named.filter(({ rank, answers }) => rank !== 1 || answers > 7).map(({ fault }) => faultKey(fault))).toEqual([])
  const kinds = named.map(({ fault }) => fault.kind)
  expect(kinds).toEqual(expect.arrayContaining(['auto-shutoff', 'filter', 'oil', 'co2-ice']))
})

it('counts what was measured without asking for it', () => {
  const rig = practiceRigSchema.parse({
    ...sampleRigs.marigold,
    known: { cylinders: ['left', 'right'], lever: true, battery: true },
  })
  const model = diagnosisModel(rig)
  const { known, ranked } = diagnose(model, { symptoms: ['no-gas'], dangers: [] }, [])
  expect(known.map(({ check, outcome }) => `${check}: ${outcome}`)).toEqual([
    'lift left: heavy',
    'lift right: heavy',
    'lever changeover: at-heavy',
    'volts: good',
  ])
  const emptyBefore = diagnose(modelOf('marigold'), { symptoms: ['no-gas'], dangers: [] }, []).ranked
  const emptyProbability = (all: typeof ranked): number =>
    all.find(({ faults }) => faults.length === 1 && faults[0]?.kind === 'empty')?.probability ?? 0
  expect(emptyProbability(ranked)).toBeLessThan(emptyProbability(emptyBefore) / 5)
})

it('shows two answers that do not go together', () => {
  const model = modelOf('van')
  const found = diagnose(model, { symptoms: ['no-gas'], dangers: [] }, [
    { check: 'valve cylinder', outcome: 'shut' },
    { check: 'light panel', outcome: 'tall' },
  ])
  expect(found.contradiction?.map(({ check }) => check)).toEqual(['valve cylinder', 'light panel'])
  expect(
    diagnose(model, { symptoms: ['no-gas'], dangers: [] }, [{ check: 'valve cylinder', outcome: 'shut' }])
      .contradiction,
  ).toBeNull()
})

it('finds two common faults at once', () => {
  const model = modelOf('marigold')
  const both = model.hypotheses.find(
    ({ faults }) => faults.length === 2 && faults.some(({ kind }) => kind === 'igniter'),
  )
  expect(both?.symptoms.size).toBeGreaterThan(0)
  const answers: { check: string; outcome: string }[] = []
  let ended = diagnose(model, { symptoms: [...(both?.symptoms ?? [])].slice(0, 1), dangers: [] }, answers)
  for (let i = 0; i < 10 && ended.next; i += 1) {
    const at = model.checks.indexOf(ended.next)
    const chances = both?.outcomes[at] ?? []
    answers.push({
      check: ended.next.id,
      outcome: ended.next.outcomes[chances.indexOf(Math.max(...chances))]?.id ?? '',
    })
    ended = diagnose(model, { symptoms: [...(both?.symptoms ?? [])].slice(0, 1), dangers: [] }, answers)
  }
  const first = ended.ranked.slice(0, 3).map(({ group }) => group)
  expect(first).toContain(both?.group)
})

it('takes "cannot tell" for an answer, and asks for something else', () => {
  const model = modelOf('van')
  const complaint = { symptoms: ['no-gas' as const], dangers: [] }
  const first = diagnose(model, complaint, []).next?.id ?? ''
  const second = diagnose(model, complaint, [{ check: first, outcome: 'cannot-tell' }])
  expect(second.next?.id).not.toBe(first)
  expect(second.ranked.map(({ probability }) => probability)).toEqual(
    diagnose(model, complaint, []).ranked.map(({ probability }) => probability),
  )
})

it('refuses an answer that this rig has no check for', () => {
  const ask = (check: string, outcome: string) => () =>
    diagnose(modelOf('van'), { symptoms: ['weak'], dangers: [] }, [{ check, outcome }])
  expect(ask('lever changeover', 'at-light')).toThrow('This rig has no check “lever changeover”.')
  expect(ask('since', 'yesterday')).toThrow('“yesterday” is no answer to “since”.')
})

it('works on a rig of which nothing is known but its line', () => {
  const rig = practiceRigSchema.parse({ line: soundStart('splitter'), outsideK: 283.15 })
  const found = diagnose(diagnosisModel(rig), { symptoms: ['no-gas'], dangers: [] }, [])
  expect(found.ranked.length).toBeGreaterThan(10)
  expect(found.next).not.toBeNull()
})

it('refuses a rig without a cylinder, and has a place for each kind of fault on some rig', () => {
  expect(() => diagnosisModel(practiceRigSchema.parse({ line: { parts: [], joints: [] }, outsideK: 283.15 }))).toThrow(
    'This line has no cylinder and no tank.',
  )
  expect(Object.values(faultKinds).every(({ repair }) => repair.steps.length > 0)).toBe(true)
  expect(faultKindIds.length).toBeGreaterThanOrEqual(35)
})
