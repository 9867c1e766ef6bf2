import { and, asc, desc, eq, isNull, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { QuantitySources } from '@/core/base/provenance'
import type { Energy, Habit } from '@/core/appliances/habit'
import { isBurning, type TripPlan } from '@/core/run/tripPlan'
import type { Database, WritableDatabase } from '@/records/databaseType'
import { learnedFactors } from './calibrations'
import { appliances, trips, tripUses } from '@/records/schema/schema'
import { settledAppliances } from './appliances'
import { insertRow, updateVersion, write } from '@/records/write'

export type Trip = typeof trips.$inferSelect

/** Hours or habit of one appliance. */
export interface TripUseEntry {
  applianceId: string
  burnPerDayS: number
  habit?: Habit | null
  byNight?: readonly Energy[] | null
  sources?: QuantitySources
  heatsRoom?: boolean | null
}

/** What an owner enters of a trip; hours by appliance. */
export type TripEntry = Pick<Trip, 'name' | 'startDay' | 'nights' | 'altitudeM' | 'coldestK' | 'reserveShare'> &
  Partial<Pick<Trip, 'settings' | 'forecast' | 'sources'>> & {
    uses: readonly TripUseEntry[]
  }

/** What an owner entered of a trip, to be saved again. */
export function tripFields({
  name,
  startDay,
  nights,
  altitudeM,
  coldestK,
  reserveShare,
  sources,
}: Trip): Omit<TripEntry, 'uses'> {
  return { name, startDay, nights, altitudeM, coldestK, reserveShare, sources }
}

/** A trip with its appliance hours, as core takes it. */
export interface TripWithPlan {
  row: Trip
  plan: TripPlan
}

function withPlan(database: Database, row: Trip): TripWithPlan {
  const uses = database
    .select({
      id: appliances.id,
      name: appliances.name,
      inputW: appliances.inputW,
      supply: appliances.supply,
      kind: appliances.kind,
      pilotW: appliances.pilotW,
      currentA: appliances.currentA,
      needsBattery: appliances.needsBattery,
      cylinderId: appliances.cylinderId,
      ratedInputW: appliances.ratedInputW,
      burnPerDayS: tripUses.burnPerDayS,
      habit: tripUses.habit,
      byNight: tripUses.byNight,
      sources: tripUses.sources,
      heatsRoom: tripUses.heatsRoom,
    })
    .from(tripUses)
    .innerJoin(appliances, eq(tripUses.applianceId, appliances.id))
    .where(and(eq(tripUses.tripId, row.id), isNull(appliances.archivedAt)))
    .orderBy(asc(appliances.position))
    .all()
  const settled = settledAppliances(database, row.rigId, uses)
  const { id, name, startDay, nights, altitudeM, coldestK, reserveShare, settings, forecast, sources } = row
  const learned = learnedFactors(database, row)
  const plan = {
    id,
    name,
    startDay,
    nights,
    altitudeM,
    sources,
    coldestK,
    reserveShare,
    settings,
    forecast,
    uses: settled,
    learned,
  }
  return { row, plan }
}

/** The rig's trips, the latest first. */
export function listTrips(database: Database, rigId: string): Trip[] {
  return database
    .select()
    .from(trips)
    .where(and(eq(trips.rigId, rigId), isNull(trips.archivedAt)))
    .orderBy(desc(trips.startDay))
    .all()
}

export function findTrip(database: Database, id: string): TripWithPlan | undefined {
  const row = database.select().from(trips).where(eq(trips.id, id)).get()
  return row && withPlan(database, row)
}

/**
 * The next trip: the one under way, else the first upcoming, else the latest.
 *
 * @param day - today where the owner is, `2026-11-24`
 */
export function nextTrip(database: Database, rigId: string, day: string): TripWithPlan | undefined {
  const coming = database
    .select()
    .from(trips)
    .where(
      and(
        eq(trips.rigId, rigId),
        isNull(trips.archivedAt),
        sql`date(${trips.startDay}, '+' || ${trips.nights} || ' days') >= ${day}`,
      ),
    )
    .orderBy(asc(trips.startDay))
    .limit(1)
    .get()
  const row = coming ?? listTrips(database, rigId)[0]
  return row && withPlan(database, row)
}

function replaceUses(records: WritableDatabase, tripId: string, uses: TripEntry['uses']): void {
  records.delete(tripUses).where(eq(tripUses.tripId, tripId)).run()
  const burning = uses.filter(isBurning)
  if (burning.length > 0) {
    records
      .insert(tripUses)
      .values(burning.map((use) => ({ ...use, tripId })))
      .run()
  }
}

export function addTrip(database: Database, rigId: string, entry: TripEntry, id: string = randomUUID()): Trip {
  const { uses, ...fields } = entry
  return write(database, (records) => {
    const row = insertRow(database, trips, { ...fields, id, rigId })
    replaceUses(records, id, uses)
    return row
  })
}

/**
 * Saves a trip over version `version` with its hours, all or nothing.
 *
 * @throws ConflictError when a newer version exists
 */
export function saveTrip(database: Database, id: string, version: number, entry: TripEntry): void {
  const { uses, ...fields } = entry
  write(database, (records) => {
    updateVersion(database, trips, { id, version }, fields, 'trip')
    replaceUses(records, id, uses)
  })
}

/**
 * Archives version `version` of a trip, or restores it with null.
 *
 * @throws ConflictError when a newer version exists
 */
export function archiveTrip(database: Database, id: string, version: number, archivedAt: string | null): void {
  updateVersion(database, trips, { id, version }, { archivedAt }, 'trip')
}
