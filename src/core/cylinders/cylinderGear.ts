import { isAssumed, type QuantitySources } from '@/core/base/provenance'
import type { RuleSet } from '@/core/rules/dateRules'
import { type CylinderKind, kindFacts } from './cylinderKind'
import type { InspectionAnswers } from '@/core/cylinders/inspection/inspectionItems'
import type { Mark } from '@/core/cylinders/stamps/stampReading'

/** A weighing that has not been voided. */
export interface Weighing {
  grossKg: number
  hangingKg: number
  /** Time of the weighing, ISO 8601. */
  weighedAt: string
}

/** A level reading that has not been voided, as the share of the volume that is liquid. */
export interface LevelReading {
  liquidFraction: number
  temperatureK: number
  sources?: QuantitySources
  /** Time of the reading, ISO 8601. */
  readAt: string
}

/** An inspection; items that were not looked at are missing. */
export interface Inspection {
  answers: InspectionAnswers
  /** Time, ISO 8601. */
  lookedAt: string
}

/** What a cylinder may be filled by, other than its contents. */
export interface CylinderFitness {
  specification: string | null
  manufacturedMonth: string | null
  marks: readonly Mark[]
  labelIntervalMonths: number | null
  endOfLifeMonth: string | null
  /** A valve with an overfill stop. */
  overfillStop: 'yes' | 'no' | 'unknown'
  /** The date rules that hold for it. */
  rule: RuleSet
  lastLook: Inspection | null
  /** The inspection that put it out of service, until someone clears it. */
  retiredBy: Inspection | null
  /** When a non-refillable bottle was refilled, ISO 8601. */
  refilledAt: string | null
  /** A non-refillable bottle that weighs more than it last did, and nobody said why. */
  heavier?: { byKg: number; weighedAt: string } | null
  /** A leak of the vessel itself, which its valve cannot stop, by the last soap test that is not yet resolved. */
  vesselLeak?: { place: string; foundAt: string } | null
}

/** A cylinder as core needs it. */
export interface CylinderGear {
  id: string
  name: string
  kind: CylinderKind
  /** 0 for a fixed tank, which is never weighed. An assumed one is the usual of its size: see usedTareKg. */
  tareKg: number
  waterCapacityKg: number
  labelNetKg: number | null
  /** How its stamps are known; entered when absent. */
  sources?: QuantitySources
  /** Comes along on the trip. */
  aboard: boolean
  lastWeighing: Weighing | null
  lastLevel: LevelReading | null
  /** Until when its valve is known to have stayed closed since the last reading, ISO 8601. */
  shutUntil: string | null
  /** A fill since the last reading of which nobody can tell how much it was, ISO 8601. */
  filledUnknownAt?: string | null
  fitness: CylinderFitness
}

/** Whether a cylinder was filled again that is not made for it: it may not be carried or used. */
export function isRefilledAgainstItsKind({ kind, fitness }: Pick<CylinderGear, 'kind' | 'fitness'>): boolean {
  return !kindFacts[kind].isRefillable && fitness.refilledAt !== null
}

/** What a tare is taken from: its value, and between what it may lie where nobody read it. */
type TareGear = Pick<CylinderGear, 'tareKg' | 'sources'>

/** Whether the tare was read or weighed. */
export function isTareKnown({ sources }: Pick<CylinderGear, 'sources'>): boolean {
  return !isAssumed(sources, 'tareKg')
}

/** Between what the tare lies: twice the same where it is stamped or entered. */
export function tareRangeKg({ tareKg, sources }: TareGear): readonly [lightKg: number, heavyKg: number] {
  const { source, lowest = tareKg, highest = tareKg } = sources?.tareKg ?? { source: 'entered' }
  return source === 'assumed' || source === 'measured'
    ? [Math.min(lowest, tareKg), Math.max(highest, tareKg)]
    : [tareKg, tareKg]
}

/**
 * Tare by which contents are counted: the heavy end where nobody read it, so that no gas is counted that may be steel.
 *
 * @param cylinder - with its tare and how that is known
 * @param scaleKg - on the scale without attachments; a lighter reading shows that the vessel is lighter too
 */
export function usedTareKg(cylinder: TareGear, scaleKg: number): number {
  const [lightKg, heavyKg] = tareRangeKg(cylinder)
  return Math.max(lightKg, Math.min(heavyKg, scaleKg))
}
