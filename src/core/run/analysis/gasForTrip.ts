import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { unusableReason, type UnusableReason, usableGasKg } from '@/core/cylinders/fitness/usableGas'
import { kindFacts, supplies, type Supply } from '@/core/cylinders/cylinderKind'
import { burnedGasKg } from '@/core/appliances/runtime'
import { requireTrip, type ApplianceUse, type TripPlan } from '@/core/run/tripPlan'

/** A cylinder aboard with its usable gas. */
export interface SuppliedCylinder {
  cylinder: CylinderGear
  /** Null when unknown, and when the cylinder must not be used. */
  usableKg: number | null
  /** Why it may not be used, if so. */
  barred: UnusableReason | null
}

export interface SupplyBalance {
  supply: Supply
  cylinders: readonly SuppliedCylinder[]
  uses: readonly { use: ApplianceUse; gasKg: number }[]
  /** From the weighings; an unweighed cylinder and an unusable one count as empty. */
  aboardKg: number
  /** Every cylinder that comes along was weighed. */
  allWeighed: boolean
  neededKg: number
  reserveKg: number
  /** Aboard − needed − reserve; negative when short. */
  leftKg: number
}

/**
 * Gas aboard against what a trip burns, for each supply on its own.
 *
 * @param cylinders - of the rig; only those that come along count
 * @param trip - nights, hours and reserve
 * @throws InputError for nights under 1, hours over 24 a day, or a reserve outside 0 to 1
 */
export function gasForTrip(cylinders: readonly CylinderGear[], trip: TripPlan): SupplyBalance[] {
  requireTrip(trip)
  return supplies.map((supply) => {
    const held = cylinders
      .filter((cylinder) => cylinder.aboard && kindFacts[cylinder.kind].supply === supply)
      .map((cylinder): SuppliedCylinder => ({
        cylinder,
        usableKg: usableGasKg(cylinder),
        barred: unusableReason(cylinder),
      }))
    const uses = trip.uses
      .filter((use) => use.supply === supply)
      .map((use) => ({ use, gasKg: burnedGasKg(use.inputW, use.burnPerDayS * trip.nights) }))
    const aboardKg = held.reduce((sum, { usableKg }) => sum + (usableKg ?? 0), 0)
    const neededKg = uses.reduce((sum, { gasKg }) => sum + gasKg, 0)
    const reserveKg = neededKg * trip.reserveShare
    return {
      supply,
      cylinders: held,
      uses,
      aboardKg,
      allWeighed: held.every(({ usableKg, barred }) => usableKg !== null || barred !== null),
      neededKg,
      reserveKg,
      leftKg: aboardKg - neededKg - reserveKg,
    }
  })
}
