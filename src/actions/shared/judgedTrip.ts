import { formatISO } from 'date-fns'
import { judgeTrip, type TripJudgement } from '@/core/trip/readiness/judgeTrip'
import type { RigGear } from '@/core/trip/readiness/rigGear'
import { readiness, type Acceptance, type Readiness } from '@/core/trip/readiness/readiness'
import type { TripPlan } from '@/core/run/tripPlan'
import { activeAcceptances } from '@/records/repositories/trips/acceptances'
import { withClockChanges } from '@/records/repositories/trips/clockChanges'
import { database } from '@/records/database'
import { loadRigGear } from '@/records/repositories/rigs/loadRigGear'
import { findRig, type Rig } from '@/records/repositories/rigs/rigs'
import { findTrip, type Trip, type TripWithPlan } from '@/records/repositories/trips/trips'

/** A trip of the records with its verdict at this moment. */
export interface JudgedTrip {
  rig: Rig
  row: Trip
  plan: TripPlan
  gear: RigGear
  judgement: TripJudgement
  acceptances: readonly Acceptance[]
  ready: Readiness
  /** With the offset of where the owner is. */
  nowIso: string
}

/** A trip with its verdict, its gear being known. */
export function withVerdict(rig: Rig, trip: TripWithPlan, gear: RigGear, nowIso: string): JudgedTrip {
  const { row } = trip
  const plan = withClockChanges(trip.plan)
  const judgement = judgeTrip(gear, plan, nowIso)
  const acceptances = activeAcceptances(database(), row.id)
  return { rig, row, plan, gear, judgement, acceptances, ready: readiness(judgement.findings, acceptances), nowIso }
}

/**
 * A trip with its verdict at this moment, whichever rig it belongs to.
 *
 * @returns undefined when it is not in the records
 */
export function judgedTrip(id: string): JudgedTrip | undefined {
  const records = database()
  const trip = findTrip(records, id)
  const rig = trip && findRig(records, trip.row.rigId)
  return trip && rig && withVerdict(rig, trip, loadRigGear(records, rig), formatISO(new Date()))
}
