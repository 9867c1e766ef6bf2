import type { CylinderKind } from './cylinderKind'

/** One standing weighing. */
export interface Weighing {
  grossKg: number
  hangingKg: number
  /** Moment of the weighing, ISO 8601. */
  weighedAt: string
}

/** A cylinder as core needs to know it. */
export interface CylinderGear {
  id: string
  name: string
  kind: CylinderKind
  tareKg: number
  waterCapacityKg: number
  labelNetKg: number | null
  /** Comes along on the trip. */
  aboard: boolean
  lastWeighing: Weighing | null
}
