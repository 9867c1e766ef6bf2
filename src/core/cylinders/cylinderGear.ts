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
}

/** A cylinder as core needs it. */
export interface CylinderGear {
  id: string
  name: string
  kind: CylinderKind
  /** 0 for a fixed tank, which is never weighed. */
  tareKg: number
  waterCapacityKg: number
  labelNetKg: number | null
  /** Comes along on the trip. */
  aboard: boolean
  lastWeighing: Weighing | null
  lastLevel: LevelReading | null
  /** Until when its valve is known to have stayed closed since the last reading, ISO 8601. */
  shutUntil: string | null
  fitness: CylinderFitness
}

/** Whether a cylinder was filled again that is not made for it: it may not be carried or used. */
export function isRefilledAgainstItsKind({ kind, fitness }: Pick<CylinderGear, 'kind' | 'fitness'>): boolean {
  return !kindFacts[kind].isRefillable && fitness.refilledAt !== null
}
