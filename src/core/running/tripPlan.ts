import type { Supply } from '@/core/cylinders/cylinderKind'

/** An appliance and how long it burns in a day and night. */
export interface ApplianceUse {
  id: string
  name: string
  inputW: number
  supply: Supply
  burnPerDayS: number
}

/** A trip as core needs to know it. */
export interface TripPlan {
  id: string
  name: string
  /** Day of leaving, `2026-12-04`. */
  startDay: string
  nights: number
  /** Share of the trip's gas to be left over: 0.2 for a fifth. */
  reserveShare: number
  altitudeM: number
  coldestK: number | null
  uses: readonly ApplianceUse[]
}
