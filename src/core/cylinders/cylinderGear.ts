import type { RuleSet } from '@/core/rules/dateRules'
import type { CylinderKind } from './cylinderKind'
import type { InspectionAnswers } from '@/core/cylinders/inspection/inspectionItems'
import type { Mark } from '@/core/cylinders/stamps/stampReading'

/** One standing weighing. */
export interface Weighing {
  grossKg: number
  hangingKg: number
  /** Moment of the weighing, ISO 8601. */
  weighedAt: string
}

/** One standing reading of a gauge or of a liquid height, as the share of the inside that is liquid. */
export interface LevelReading {
  liquidFraction: number
  temperatureK: number
  /** Moment of the reading, ISO 8601. */
  readAt: string
}

/** One look-over; what was not looked at is missing. */
export interface Inspection {
  answers: InspectionAnswers
  /** Moment, ISO 8601. */
  lookedAt: string
}

/** What a cylinder may be filled by, apart from its contents. */
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
  /** The look-over that put it out of service, while nobody has cleared it. */
  retiredBy: Inspection | null
  /** Moment it was refilled at home, for one that is not refillable. */
  refilledAt: string | null
}

/** A cylinder as core needs to know it. */
export interface CylinderGear {
  id: string
  name: string
  kind: CylinderKind
  /** 0 for a fixed tank, which never stands on a scale. */
  tareKg: number
  waterCapacityKg: number
  labelNetKg: number | null
  /** Comes along on the trip. */
  aboard: boolean
  lastWeighing: Weighing | null
  lastLevel: LevelReading | null
  /** Moment until which its valve is known to have stayed shut since it was last told, ISO 8601. */
  shutUntil: string | null
  fitness: CylinderFitness
}
