import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { Finding, Severity } from '@/core/findings/Finding'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { pumpAnswer, type PumpReason } from '@/core/cylinders/fitness/pumpAnswer'
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
  code: string
  severity: Severity
  text: string
  why: string
  page: string
  label: string
  basis: BasisId
}

const stop = (code: string, text: string, why: string, basis: BasisId, page = '', label = 'To the cylinder'): Said => ({
  code,
  severity: 'stop',
  text,
  why,
  page,
  label,
  basis,
})

function wrongVessel({ kind }: CylinderGear, mode: FillMode): Said | null {
  const { gas, small } = kindFacts[kind]
  if (mode === 'co2' && gas !== 'co2') {
    return stop(
      'fill-wrong-gas',
      '{name} is a propane cylinder. CO2 does not go into it.',
      'CO2 presses three to eight times as hard as propane: the relief valve opens, or the wall goes first.',
      'fill-limit-co2',
      'stamps',
      'Check its kind',
    )
  }
  if (mode !== 'co2' && gas === 'co2') {
    return stop(
      'fill-wrong-gas',
      '{name} is a CO2 cylinder. Propane does not go into it.',
      'Its valve, its relief disc and everything it is ever connected to are made for another gas.',
      'fill-limit-propane',
      'stamps',
      'Check its kind',
    )
  }
  if (mode === 'onboard' && kind !== 'onboard') {
    return stop(
      'fill-wrong-mode',
      '{name} is not a fixed tank.',
      'It is filled by weight, or at the pump.',
      'fill-limit-propane',
    )
  }
  if (mode === 'bottles' && !small) {
    return stop(
      'fill-wrong-mode',
      '{name} is not a one-pound bottle.',
      'It is filled by weight, or at the pump.',
      'fill-limit-propane',
    )
  }
  return null
}

function bottleStops({ kind }: CylinderGear, { mode, school }: FillIntent): Said[] {
  if (mode === 'bottles' && school === 'never') {
    return [
      stop(
        'fill-school-never',
        'You chose never to fill bottles yourself.',
        'Buy them full, or have an attendant fill those that are made for it. The school is set above.',
        'bottle-school',
      ),
    ]
  }
  if (kind !== 'bottle') return []
  if (mode === 'bottles' && school === 'home') {
    return [
      {
        code: 'fill-home-only',
        severity: 'fix-first',
        text: '{name} is not made to be refilled: from then on it stays at home.',
        why: 'Its own label says never. Refilled, no trip may carry it, and its valve may not close again: soap it every time.',
        page: '',
        label: 'To the cylinder',
        basis: 'refilled-bottle',
      },
    ]
  }
  return [
    stop(
      'fill-not-refillable',
      '{name} is not made to be refilled.',
      mode === 'bottles'
        ? 'By the school you chose only bottles marked refillable are filled.'
        : 'No pump takes it, and refilled it may not be carried on a road.',
      'refilled-bottle',
    ),
  ]
}

const refusals: Readonly<Record<PumpReason['about'], Pick<Said, 'code' | 'page' | 'label'>>> = {
  date: { code: 'fill-overdue', page: 'dates', label: 'Enter its new mark' },
  condition: { code: 'fill-retired', page: 'look-over', label: 'See what was found' },
  contents: { code: 'fill-overfilled', page: '', label: 'See the weighing' },
  'overfill-stop': { code: 'fill-no-overfill-stop', page: 'stamps', label: 'To its stamps' },
}

const questions: Partial<Record<PumpReason['about'], Pick<Said, 'code' | 'page' | 'label'>>> = {
  date: { code: 'fill-date-unknown', page: 'stamps', label: 'Enter its stamps' },
  condition: { code: 'fill-not-looked-over', page: 'look-over', label: 'Look it over' },
  'overfill-stop': { code: 'fill-overfill-stop-unknown', page: 'stamps', label: 'Look for it' },
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
  const finding = (said: Said, sentence: Finding['sentence'] = { text: said.text, parts: { name } }): Finding => ({
    code: said.code,
    station: 'fill',
    severity: said.severity,
    sentence,
    reason: { text: said.why, parts: { name } },
    remedy: { label: said.label, station: 'cylinders', subjectId: id, ...(said.page !== '' && { page: said.page }) },
    basis: [said.basis],
  })
  const wrong = wrongVessel(cylinder, intent.mode)
  if (wrong) return [finding(wrong)]
  const found = bottleStops(cylinder, intent).map((said) => finding(said))
  if (intent.mode === 'co2' && intent.by === 'pressure') {
    const why = 'While any liquid is left the gauge shows the same for one pound and for five. Only the scale tells.'
    found.push(finding(stop('co2-by-pressure', 'CO2 is never filled by pressure.', why, 'fill-limit-co2')))
  }
  // The bottle's own date and kind are covered above; the rest is the attendant's check.
  const reasons = pumpAnswer(cylinder, onDay).reasons.filter(
    ({ about }) => cylinder.kind !== 'bottle' || about !== 'date',
  )
  for (const { about, answer, sentence, basis } of reasons) {
    const known = answer === 'no' ? refusals[about] : answer === 'ask' ? questions[about] : undefined
    if (!known) continue
    const severity: Severity = answer === 'no' ? 'stop' : 'fix-first'
    const why = answer === 'no' ? 'It is not to be filled.' : 'What is unknown counts as not ready.'
    found.push(
      finding(
        { ...known, severity, text: '', why, basis },
        { text: `{name}: ${sentence.text}`, parts: { ...sentence.parts, name } },
      ),
    )
  }
  return found
}
