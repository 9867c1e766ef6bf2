import { formatISO } from 'date-fns'
import type { TripPlan } from '@/core/run/tripPlan'
import { judgeTrip, type TripJudgment } from '@/core/trip/readiness/judgeTrip'
import { readiness, type Acceptance, type Readiness } from '@/core/trip/readiness/readiness'
import type { RigGear } from '@/core/trip/readiness/rigGear'
import { database } from '@/records/database'
import { loadRig } from '@/records/repositories/rigs/loadRig'
import { findRig, type Rig } from '@/records/repositories/rigs/rigs'
import { activeAcceptances } from '@/records/repositories/trips/acceptances'
import { findTrip, type Trip, type TripWithPlan } from '@/records/repositories/trips/trips'
import { onOwnersClock } from '@/services/shared/ownersClock'

/** A trip of the records with its verdict at this moment. */
export interface JudgedTrip {
  rig: Rig
  row: Trip
  plan: TripPlan
  gear: RigGear
  judgment: TripJudgment
  acceptances: readonly Acceptance[]
  ready: Readiness
  /** With the offset of where the owner is. */
  nowIso: string
}

/** A trip with its verdict, its gear being known. */
export function withVerdict(rig: Rig, trip: TripWithPlan, gear: RigGear, nowIso: string): JudgedTrip {
  const { row } = trip
  const plan = onOwnersClock(trip.plan)
  const judgment = judgeTrip(gear, plan, nowIso)
  const acceptances = activeAcceptances(database(), row.id)
  return { rig, row, plan, gear, judgment, acceptances, ready: readiness(judgment.findings, acceptances), nowIso }
}

/**
 * A trip with its verdict at a moment, whichever rig it belongs to.
 *
 * @returns undefined when it is not in the records
 */
export function judgedTrip(id: string, now: Date): JudgedTrip | undefined {
  const records = database()
  const trip = findTrip(records, id)
  const rig = trip && findRig(records, trip.row.rigId)
  return trip && rig && withVerdict(rig, trip, loadRig(records, rig).gear, formatISO(now))
}
