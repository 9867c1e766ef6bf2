import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { Finding } from '@/core/findings/Finding'
import type { FindingCode } from '@/core/findings/findingCodes'
import { makeFinding } from '@/core/findings/makeFinding'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { type FitnessTopic, vesselFitness } from '@/core/cylinders/fitness/vesselFitness'
import type { BasisId } from '@/core/rules/basis/basis'
import type { BottleFillRule, FillMode } from './fillModes'

/** What the owner plans before a fill. */
export interface FillIntent {
  mode: FillMode
  /** How it is metered; CO2 by pressure is refused. */
  by?: 'weight' | 'pressure'
  school?: BottleFillRule
}

interface Said {
  code: FindingCode<'fill'>
  text: string
  why: string
  basis?: BasisId
}

const said = (code: Said['code'], text: string, why: string, basis?: BasisId): Said => ({
  code,
  text,
  why,
  ...(basis && { basis }),
})

function wrongVessel({ kind }: CylinderGear, mode: FillMode): Said | null {
  const { gas, small, isFixed } = kindFacts[kind]
  if (mode === 'co2' && gas !== 'co2') {
    return said(
      'fill-wrong-gas',
      '{name} is a propane cylinder. CO2 does not go into it.',
      'CO2 presses three to eight times as hard as propane: the relief valve opens, or the wall goes first.',
      'fill-limit-co2',
    )
  }
  if (mode !== 'co2' && gas === 'co2') {
    return said(
      'fill-wrong-gas',
      '{name} is a CO2 cylinder. Propane does not go into it.',
      'Its valve, its relief disc and everything it is ever connected to are made for another gas.',
    )
  }
  if (mode === 'onboard' && !isFixed) {
    return said('fill-wrong-mode', '{name} is not a fixed tank.', 'It is filled by weight, or at the pump.')
  }
  if (mode === 'bottles' && !small) {
    return said('fill-wrong-mode', '{name} is not a one-pound bottle.', 'It is filled by weight, or at the pump.')
  }
  return null
}

function bottleStops({ kind }: CylinderGear, { mode, school }: FillIntent): Said[] {
  if (mode === 'bottles' && school === 'never') {
    return [
      said(
        'fill-school-never',
        'You chose never to fill bottles yourself.',
        'Buy them full, or have an attendant fill those that are made for it. The school is set above.',
      ),
    ]
  }
  if (kindFacts[kind].isRefillable) return []
  if (mode === 'bottles' && school === 'home') {
    return [
      said(
        'fill-home-only',
        '{name} is not made to be refilled: from then on it stays at home.',
        'Its own label says never. Refilled, no trip may carry it, and its valve may not close again: soap it every time.',
      ),
    ]
  }
  return [
    said(
      'fill-not-refillable',
      '{name} is not made to be refilled.',
      mode === 'bottles'
        ? 'By the school you chose only bottles marked refillable are filled.'
        : 'No pump takes it, and refilled it may not be carried on a road.',
    ),
  ]
}

const refusals: Partial<Record<FitnessTopic, Said['code']>> = {
  leak: 'fill-leaking',
  refilled: 'fill-refilled',
  heavier: 'fill-heavier',
  date: 'fill-overdue',
  condition: 'fill-retired',
  contents: 'fill-overfilled',
  'overfill-stop': 'fill-no-overfill-stop',
}

const questions: Partial<Record<FitnessTopic, Said['code']>> = {
  date: 'fill-date-unknown',
  condition: 'fill-not-looked-over',
  'overfill-stop': 'fill-overfill-stop-unknown',
  tare: 'fill-tare-not-read',
}

/**
 * Findings against filling a cylinder in this way.
 *
 * @param cylinder - as the records have it
 * @param intent - mode, and what belongs to it
 * @param onDay - `2026-11-24`
 */
export function fillFindings(cylinder: CylinderGear, intent: FillIntent, onDay: string): Finding[] {
  const { id, name } = cylinder
  const finding = ({ code, text, why, basis }: Said, parts: Finding['sentence']['parts'] = {}): Finding =>
    makeFinding('fill', code, {
      text,
      parts: { ...parts, name },
      reason: why,
      reasonParts: { name },
      subjectId: id,
      ...(basis && { basis: [basis] }),
    })
  const wrong = wrongVessel(cylinder, intent.mode)
  if (wrong) return [finding(wrong)]
  const found = bottleStops(cylinder, intent).map((one) => finding(one))
  if (intent.mode === 'co2' && intent.by === 'pressure') {
    const why = 'While any liquid is left the gauge shows the same for one pound and for five. Only the scale tells.'
    found.push(finding(said('co2-by-pressure', 'CO2 is never filled by pressure.', why)))
  }
  // The bottle's own date and kind are covered above; the rest is the attendant's check.
  const covered: readonly FitnessTopic[] = kindFacts[cylinder.kind].isRefillable ? [] : ['date', 'refilled']
  const reasons = vesselFitness(cylinder, onDay).fill.reasons.filter(({ about }) => !covered.includes(about))
  for (const { about, answer, sentence, basis } of reasons) {
    const code = answer === 'no' ? refusals[about] : answer === 'ask' ? questions[about] : undefined
    if (!code) continue
    const why = answer === 'no' ? 'It is not to be filled.' : 'What is unknown counts as not ready.'
    found.push(finding(said(code, `{name}: ${sentence.text}`, why, basis), sentence.parts))
  }
  return found
}
