import type { BasisId } from '@/core/rules/basis/basis'
import type { Severity, Station } from './Finding'

/** Where work is done, in the order of the day: what is bought or filled comes back to the rig. */
export const workPlaces = ['table', 'scale', 'shop', 'requalifier', 'pump', 'rig', 'inside', 'line'] as const

export type WorkPlace = (typeof workPlaces)[number]

export const workPlaceLabels: Readonly<Record<WorkPlace, string>> = {
  table: 'At the table',
  scale: 'At the scale',
  shop: 'To buy',
  requalifier: 'At the dealer’s',
  pump: 'At the pump',
  rig: 'Round the rig',
  inside: 'Inside',
  line: 'Along the line, with soap',
}

/** Label and target of a button, made by `opens`. */
export interface Fix {
  label: string
  station: Station
  page?: string
}

/** Everything that is the same for all findings of a code. */
export interface FindingFacts {
  severity: Severity
  /** Whether an owner may accept it with a reason; a stop, a note and some to fix first never are. */
  isAcceptable: boolean
  /** Where it is put right, and how long that usually takes. [common practice] */
  work: { place: WorkPlace; minutes: number }
  /** What its button says and opens; the subject is added for each finding. */
  fix: Fix
  basis: readonly BasisId[]
}

/** Facts of the codes of one station. */
export type StationCodes = Readonly<Record<string, FindingFacts>>

type Work = readonly [place: WorkPlace, minutes: number]

function facts(
  severity: Severity,
  isAcceptable: boolean,
  [place, minutes]: Work,
  fix: Fix,
  basis: readonly BasisId[],
): FindingFacts {
  return { severity, isAcceptable, work: { place, minutes }, fix, basis }
}

/** A code that stops: it cannot be accepted and clears when the problem is fixed. */
export const stop = (work: Work, fix: Fix, ...basis: [BasisId, ...BasisId[]]): FindingFacts =>
  facts('stop', false, work, fix, basis)

/** A code to fix first that no reason makes acceptable: it stays open until the fact changes. */
export const mustFix = (work: Work, fix: Fix, ...basis: [BasisId, ...BasisId[]]): FindingFacts =>
  facts('fix-first', false, work, fix, basis)

/** A code to fix first, which may be accepted with a reason. */
export const fixFirst = (work: Work, fix: Fix, ...basis: [BasisId, ...BasisId[]]): FindingFacts =>
  facts('fix-first', true, work, fix, basis)

/** A code worth knowing. */
export const note = (work: Work, fix: Fix, ...basis: [BasisId, ...BasisId[]]): FindingFacts =>
  facts('note', false, work, fix, basis)

/** Pages of each station that a button may open; for cylinders those of one cylinder too. */
interface PagesOf extends Record<Station, string> {
  trip: never
  cylinders: 'dates' | 'stamps' | 'look-over' | 'level' | 'equipment' | 'heat'
  fill: 'bottles' | 'by-weight' | 'carrying'
  hookup: 'joints' | 'flow'
  'leak-test': 'hold'
  heat: 'heaters' | 'lighting' | 'choose' | 'air'
  run: 'habits' | 'battery' | 'weather' | 'before'
  log: never
  practice: 'faults' | 'rehearsal'
}

/**
 * A button.
 *
 * @param station - that it opens
 * @param page - of the station or its subject
 */
export function opens<Opened extends Station>(label: string, station: Opened, page?: PagesOf[Opened]): Fix {
  return { label, station, ...(page !== undefined && { page }) }
}
