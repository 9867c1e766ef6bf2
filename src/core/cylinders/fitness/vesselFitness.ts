import { gearContents } from '@/core/cylinders/contents/gearContents'
import { type CylinderGear, isRefilledAgainstItsKind, isTareKnown } from '@/core/cylinders/cylinderGear'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { gearRequalification } from '@/core/cylinders/dates/requalification'
import { evaluateInspection } from '@/core/cylinders/inspection/inspectionItems'
import { gearLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import type { Phrase } from '@/core/base/quantity'
import type { BasisId } from '@/core/rules/basis/basis'
import { formatMonth } from '@/core/time/months'
import { fromUnit } from '@/core/units/convert'

/** What is done with a vessel, each judged by itself. */
export const vesselActs = ['use', 'fill', 'carry'] as const

export type VesselAct = (typeof vesselActs)[number]

/** `yes` is no obstacle, `ask` may be one, `no` is one. */
export type ActAnswer = 'yes' | 'ask' | 'no'

/** What decides whether a vessel may be used, filled or carried. */
export type FitnessTopic =
  'leak' | 'refilled' | 'heavier' | 'condition' | 'contents' | 'date' | 'overfill-stop' | 'tare' | 'fixed'

/** One reason for the answer about one act. */
export interface FitnessReason {
  about: FitnessTopic
  answer: ActAnswer
  sentence: Phrase
  basis: BasisId
}

/** The answer about one act, with every reason, most severe first. */
export interface ActFitness {
  answer: ActAnswer
  reasons: readonly FitnessReason[]
}

/** Whether a vessel may be used, filled and carried. */
export type VesselFitness = Readonly<Record<VesselAct, ActFitness>>

/** One fact of a vessel, and what it means for each act; an act that it does not touch is missing. */
interface Fact extends Pick<FitnessReason, 'about' | 'basis'> {
  sentence: Phrase
  byAct: Partial<Record<VesselAct, ActAnswer>>
}

const gravity = { no: 0, ask: 1, yes: 2 } as const

const barsAll = { use: 'no', fill: 'no', carry: 'no' } as const

const asksAll = { use: 'ask', fill: 'ask', carry: 'ask' } as const

function ofLeak({ fitness: { vesselLeak } }: CylinderGear): Fact[] {
  if (!vesselLeak) return []
  return [
    {
      about: 'leak',
      sentence: {
        text: 'It leaks at {place}, where its valve cannot stop it. Keep it outdoors, no flame, engine or tool within 50 ft (15 m), and call its supplier.',
        parts: { place: vesselLeak.place },
      },
      basis: 'vessel-leak',
      byAct: barsAll,
    },
  ]
}

function ofRefill(cylinder: CylinderGear): Fact[] {
  if (isRefilledAgainstItsKind(cylinder)) {
    return [
      {
        about: 'refilled',
        sentence: { text: 'It was refilled and is not made for it: it stays at home.' },
        basis: 'refilled-bottle',
        byAct: barsAll,
      },
    ]
  }
  const { heavier } = cylinder.fitness
  if (!heavier) return []
  return [
    {
      about: 'heavier',
      sentence: {
        text: 'It weighs {more} more than it did before, and it is not made to be refilled. Until you say what happened it stays at home.',
        parts: { more: { value: heavier.byKg, role: 'bottleMass' } },
      },
      basis: 'refilled-bottle',
      byAct: { use: 'ask', fill: 'no', carry: 'no' },
    },
  ]
}

function ofCondition({ kind, fitness: { lastLook, retiredBy } }: CylinderGear): Fact {
  const fact = (text: string, byAct: Fact['byAct']): Fact => ({
    about: 'condition',
    sentence: { text },
    basis: 'look-over',
    byAct,
  })
  if (retiredBy)
    return fact('It is out of service by its look-over, until a licensed inspector has cleared it.', barsAll)
  if (!lastLook)
    return fact('It has not been looked over. Dents, rust or a bad valve are refused at the pump.', asksAll)
  const { toRepair, missing } = evaluateInspection(kind, lastLook.answers)
  if (toRepair.length > 0) return fact('Its look-over found something to repair.', asksAll)
  if (missing.length > 0) return fact('Its look-over is not finished.', asksAll)
  return fact('Nothing was found at its look-over.', { use: 'yes', fill: 'yes', carry: 'yes' })
}

function ofContents(cylinder: CylinderGear): Fact[] {
  const held = gearContents(cylinder)
  if (held === null) return []
  const fact = (text: string, byAct: Fact['byAct']): Fact => ({
    about: 'contents',
    sentence: { text },
    basis: 'share-of-limit',
    byAct,
  })
  if (held.overfilled) {
    const { whenOverfilled } = kindFacts[cylinder.kind]
    return [fact(`It is overfilled. It is not carried, used or filled. ${whenOverfilled}`, barsAll)]
  }
  const { fractionOfLimit } = held
  return [fact(fractionOfLimit > 0.97 ? 'It is as good as full.' : 'There is room in it.', { fill: 'yes' })]
}

function ofDate(cylinder: CylinderGear, onDay: string): Fact {
  const { status, dueMonth } = gearRequalification(cylinder, onDay)
  const parts = { month: formatMonth(dueMonth ?? ''), rule: cylinder.fitness.rule.name }
  const fact = (fill: ActAnswer, text: string): Fact => ({
    about: 'date',
    sentence: { text, parts },
    basis: 'due-month',
    // What is in it may be used up, and it may be carried to a requalifier.
    byAct: { fill },
  })
  switch (status) {
    case 'good':
    case 'due-in-trip':
      return fact('yes', 'In date through {month}, by “{rule}”.')
    case 'overdue':
      return fact('no', 'Out of date since the end of {month}, by “{rule}”. It may be used up, not filled.')
    case 'no-date':
      return fact('yes', 'A fixed tank has no requalification date.')
    case 'not-refillable':
      return fact('no', 'Not made to be refilled; no pump takes it.')
    case 'unknown':
      return fact('ask', 'No date is known. Without one that can be read it is refused.')
  }
}

/** Cylinders for 4 to 40 lb of propane must have an overfill stop to be filled in the US; NFPA 58 [from memory]. */
function requiresOverfillStop(cylinder: CylinderGear): boolean {
  const limitKg = gearLimitKg(cylinder)
  const pounds = (number: number): number => fromUnit(number, 'mass', 'lb')
  return kindFacts[cylinder.kind].needsOverfillStop && limitKg >= pounds(3.9) && limitKg <= pounds(40.5)
}

function ofOverfillStop(cylinder: CylinderGear): Fact[] {
  if (!requiresOverfillStop(cylinder)) return []
  const { overfillStop } = cylinder.fitness
  const said = {
    yes: ['yes', 'Its valve has an overfill stop.'],
    no: ['no', 'Its valve has no overfill stop (OPD). Cylinders of 4 to 40 lb without one are not filled in the US.'],
    unknown: ['ask', 'Nobody has looked for an overfill stop: a three-lobed hand-wheel with OPD on it.'],
  } as const
  const [fill, text] = said[overfillStop]
  return [{ about: 'overfill-stop', sentence: { text }, basis: 'overfill-stop', byAct: { fill } }]
}

function ofTare(cylinder: CylinderGear): Fact[] {
  if (isTareKnown(cylinder) || !kindFacts[cylinder.kind].isRefillable) return []
  const text =
    'Nobody read its tare (TW), so there is no weight to stop at. An attendant may fill it by its bleeder; for a scale, read the collar first.'
  return [{ about: 'tare', sentence: { text }, basis: 'tare-assumed', byAct: { fill: 'ask' } }]
}

function ofBuild({ kind }: CylinderGear): Fact[] {
  if (!kindFacts[kind].isFixed) return []
  const sentence = { text: 'It is fixed to the rig: drive the rig to the pump, or have the truck come.' }
  return [{ about: 'fixed', sentence, basis: 'carry-limit', byAct: { carry: 'no' } }]
}

function actFitness(facts: readonly Fact[], act: VesselAct): ActFitness {
  const reasons = facts
    .flatMap(({ about, sentence, basis, byAct }): FitnessReason[] => {
      const answer = byAct[act]
      return answer ? [{ about, answer, sentence, basis }] : []
    })
    .toSorted((a, b) => gravity[a.answer] - gravity[b.answer])
  return { answer: reasons[0]?.answer ?? 'yes', reasons }
}

/** Facts that do not depend on the day. */
function lastingFacts(cylinder: CylinderGear): Fact[] {
  return [
    ...ofLeak(cylinder),
    ...ofRefill(cylinder),
    ofCondition(cylinder),
    ...ofContents(cylinder),
    ...ofOverfillStop(cylinder),
    ...ofTare(cylinder),
    ...ofBuild(cylinder),
  ]
}

/**
 * Whether a vessel may be used, filled and carried: the one judgment that every page, bench, card and finding shows.
 *
 * @param cylinder - as the records have it
 * @param onDay - `2026-11-24`
 */
export function vesselFitness(cylinder: CylinderGear, onDay: string): VesselFitness {
  const facts = [ofDate(cylinder, onDay), ...lastingFacts(cylinder)]
  return { use: actFitness(facts, 'use'), fill: actFitness(facts, 'fill'), carry: actFitness(facts, 'carry') }
}

/** Whether a vessel may be used, which no date decides. */
export function fitToUse(cylinder: CylinderGear): ActFitness {
  return actFitness(lastingFacts(cylinder), 'use')
}
