import { redirect } from 'next/navigation'
import { runRigOf } from '@/core/trip/readiness/rigGear'
import type { RunRig } from '@/core/run/simulation/buildRunInput'
import { fillableIds, type GasPrices } from '@/core/run/analysis/fillBefore'
import type { OwnDrivingRule } from '@/core/run/travel/ownDrivingRule'
import type { TripPlan } from '@/core/run/tripPlan'
import type { Battery } from '@/core/run/battery/battery'
import { tripMoments } from '@/core/trip/usage/tripMoments'
import { gasPrices } from '@/app/shared/gasPrices'
import { loadRigSnapshot } from '@/app/shared/pageData'
import type { RunAppliance } from './runAppliance'
import { pricesOf } from '@/services/fill/prices'

/** Data of every page of this station. */
export interface RunPageData {
  rigId: string
  rigVersion: number
  drivingRules: readonly OwnDrivingRule[]
  battery: Battery | null
  appliances: readonly RunAppliance[]
  rig: RunRig
  /** The trip to get ready for; null while none is planned. */
  trip: { version: number; plan: TripPlan; isUnderWay: boolean } | null
  /** Cylinders that may be filled and that a pump would take. */
  fillable: readonly string[]
  prices: GasPrices
  /** Volume of the room, for what gets out in it. */
  roomName: string | null
  today: string
}

/** The rig and its next trip, as they are run. */
export function runPageData(): RunPageData {
  const { rig, gear, trip, appliances, nowIso } = loadRigSnapshot()
  if (!rig) redirect('/')
  const offers = pricesOf(rig.id)
  const today = nowIso.slice(0, 10)
  return {
    rigId: rig.id,
    rigVersion: rig.version,
    drivingRules: rig.drivingRules,
    battery: rig.battery,
    appliances,
    rig: runRigOf(gear),
    trip: trip
      ? { version: trip.row.version, plan: trip.plan, isUnderWay: tripMoments(trip.plan, nowIso).isUnderWay }
      : null,
    fillable: fillableIds(gear.cylinders, today),
    prices: gasPrices(offers),
    roomName: gear.heat.rooms[0]?.name ?? null,
    today,
  }
}
