import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { Phrase } from '@/core/base/quantity'
import type { BasisId } from '@/core/rules/basis/basis'
import { fromUnit } from '@/core/units/convert'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import { gearLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { gearRequalification } from '@/core/cylinders/dates/requalification'
import { evaluateInspection } from '@/core/cylinders/inspection/inspectionItems'
import { formatMonth } from '@/core/time/months'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'

/** One thing the attendant checks. */
export interface PumpReason {
  about: 'date' | 'overfill-stop' | 'condition' | 'contents'
  /** `yes` is no obstacle, `ask` may be one, `no` is one. */
  answer: 'yes' | 'ask' | 'no'
  sentence: Phrase
  basis: BasisId
}

export interface PumpAnswer {
  answer: 'yes' | 'ask' | 'no'
  /** Every reason, most severe first. */
  reasons: readonly PumpReason[]
}

const gravity = { no: 0, ask: 1, yes: 2 } as const

function aboutDate(cylinder: CylinderGear, onDay: string): PumpReason {
  const { status, dueMonth } = gearRequalification(cylinder, onDay)
  const parts = { month: formatMonth(dueMonth ?? ''), rule: cylinder.fitness.rule.name }
  const reason = (answer: PumpReason['answer'], text: string): PumpReason => ({
    about: 'date',
    answer,
    sentence: { text, parts },
    basis: 'due-month',
  })
  switch (status) {
    case 'good':
    case 'due-in-trip':
      return reason('yes', 'In date through {month}, by “{rule}”.')
    case 'overdue':
      return reason('no', 'Out of date since the end of {month}, by “{rule}”. It may be used up, not filled.')
    case 'no-date':
      return reason('yes', 'A fixed tank has no requalification date.')
    case 'not-refillable':
      return reason('no', 'Not made to be refilled; no pump takes it.')
    case 'unknown':
      return reason('ask', 'No date is known. Without one that can be read it is refused.')
  }
}

/** Cylinders for 4 to 40 lb of propane must have an overfill stop to be filled in the US; NFPA 58 [from memory]. */
function requiresOverfillStop(cylinder: CylinderGear): boolean {
  const limitKg = gearLimitKg(cylinder)
  const pounds = (number: number): number => fromUnit(number, 'mass', 'lb')
  return kindFacts[cylinder.kind].needsOverfillStop && limitKg >= pounds(3.9) && limitKg <= pounds(40.5)
}

function aboutOverfillStop(cylinder: CylinderGear): PumpReason[] {
  if (!requiresOverfillStop(cylinder)) return []
  const { overfillStop } = cylinder.fitness
  const said = {
    yes: ['yes', 'Its valve has an overfill stop.'],
    no: ['no', 'Its valve has no overfill stop (OPD). Cylinders of 4 to 40 lb without one are not filled in the US.'],
    unknown: ['ask', 'Nobody has looked for an overfill stop: a three-lobed hand-wheel with OPD on it.'],
  } as const
  const [answer, text] = said[overfillStop]
  return [{ about: 'overfill-stop', answer, sentence: { text }, basis: 'overfill-stop' }]
}

function aboutCondition(cylinder: CylinderGear): PumpReason {
  const { lastLook, retiredBy } = cylinder.fitness
  const reason = (answer: PumpReason['answer'], text: string): PumpReason => ({
    about: 'condition',
    answer,
    sentence: { text },
    basis: 'look-over',
  })
  if (retiredBy)
    return reason('no', 'It is out of service by its look-over, until a licensed inspector has cleared it.')
  if (!lastLook)
    return reason('ask', 'It has not been looked over. Dents, rust or a bad valve are refused at the pump.')
  const { toRepair, missing } = evaluateInspection(cylinder.kind, lastLook.answers)
  if (toRepair.length > 0) return reason('ask', 'Its look-over found something to mend.')
  if (missing.length > 0) return reason('ask', 'Its look-over is not finished.')
  return reason('yes', 'Nothing was found at its look-over.')
}

function aboutContents(cylinder: CylinderGear): PumpReason[] {
  const held = gearContents(cylinder)
  if (held === null) return []
  const text = held.overfilled
    ? `It is overfilled. It is not carried, used or filled. ${kindFacts[cylinder.kind].whenOverfilled}`
    : held.fractionOfLimit > 0.97
      ? 'It is as good as full.'
      : 'There is room in it.'
  return [{ about: 'contents', answer: held.overfilled ? 'no' : 'yes', sentence: { text }, basis: 'share-of-limit' }]
}

/**
 * Whether a filling station will take a cylinder: date, overfill stop, condition, contents.
 *
 * @param cylinder - as the records have it
 * @param onDay - `2026-11-24`
 */
export function pumpAnswer(cylinder: CylinderGear, onDay: string): PumpAnswer {
  const reasons = [
    aboutDate(cylinder, onDay),
    ...aboutOverfillStop(cylinder),
    aboutCondition(cylinder),
    ...aboutContents(cylinder),
  ].toSorted((a, b) => gravity[a.answer] - gravity[b.answer])
  return { answer: reasons[0]?.answer ?? 'ask', reasons }
}
