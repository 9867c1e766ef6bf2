import { kindFacts } from '@/core/cylinders/cylinderKind'
import { burnSpans, type CylinderReading, filledKg, paidPerKg, type PaidFill } from '@/core/trip/usage/burnSpans'
import { tripGas, type TripGas } from '@/core/trip/usage/tripGas'
import { tripMoments } from '@/core/trip/usage/tripMoments'
import { listAllCylinders } from '@/records/repositories/cylinders/cylinders'
import { database } from '@/records/database'
import { listFills } from '@/records/repositories/cylinders/fills'
import { listReadings } from '@/records/repositories/cylinders/readings'
import { listTrips } from '@/records/repositories/trips/trips'
import { plannedByTrip } from '@/records/repositories/trips/verdicts'
import { onOwnersClock } from '@/services/shared/ownersClock'

/** A trip with what it burned. */
export interface GasTrip extends TripGas {
  id: string
  name: string
  startDay: string
  nights: number
  /** From the last verdict before departure; null without one. */
  plannedKg: number | null
}

/** What the trips of a rig burned and cost. */
export interface GasOfTrips {
  trips: readonly GasTrip[]
  perKg: number | null
}

/** Fills with mass and price. */
function paidFills(cylinderIds: readonly string[], readings: readonly CylinderReading[]): PaidFill[] {
  const records = database()
  const added = filledKg(readings)
  return cylinderIds.flatMap((id) =>
    listFills(records, id).flatMap(({ paid, filledAt, voidedAt }): PaidFill[] => {
      const addedKg = added.get(`${id} ${filledAt}`)
      return paid === null || voidedAt !== null || addedKg === undefined ? [] : [{ addedKg, paid }]
    }),
  )
}

/** What the trips of a rig burned and cost, the latest first; cylinders archived count too. */
export function gasOfTrips(rigId: string, nowIso: string): GasOfTrips {
  const records = database()
  const cylinders = listAllCylinders(records, rigId)
    .map(({ gear }) => gear)
    .filter(({ kind }) => kindFacts[kind].supply !== null)
  const readings = listReadings(records, cylinders)
  const spans = burnSpans(readings)
  const perKg = paidPerKg(
    paidFills(
      cylinders.map(({ id }) => id),
      readings,
    ),
  )
  const planned = plannedByTrip(records, rigId)
  const begun = listTrips(records, rigId)
    .filter(({ startDay }) => startDay <= nowIso.slice(0, 10))
    .map((trip) => ({ ...trip, moments: tripMoments(onOwnersClock(trip), nowIso) }))
  const stretches = begun.map(({ moments }) => moments)
  const trips = begun.map(({ id, name, startDay, nights, moments }): GasTrip => ({
    id,
    name,
    startDay,
    nights,
    plannedKg: planned.get(id) ?? null,
    ...tripGas(spans, moments, nights, perKg, stretches),
  }))
  return { trips, perKg }
}
