import { siteConditions } from '@/core/run/siteConditions'
import { redirect } from 'next/navigation'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { Equipment } from '@/core/cylinders/equipment/equipment'
import { usableGasKg } from '@/core/cylinders/fitness/usableGas'
import { cheapestPerKg } from '@/core/fill/cost/fillCosts'
import type { PlannedBurning, RoomPlan } from '@/core/heat/room/roomPlan'
import { mildestHeatedK } from '@/core/run/weather/forecastOfTrip'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { pricesOf } from '@/services/fill/prices'
import { heatersOf, type StoredHeater } from '@/services/heat/heaters'
import { roomsOf, type StoredWarmUp, warmUpsOf } from '@/services/heat/rooms'

/** What the address chooses. */
export type HeatSearch = Promise<{ room?: string | string[]; heater?: string | string[]; about?: string | string[] }>

/** Data of every page of this station. */
export interface HeatPageData {
  rigId: string
  rigVersion: number
  heatless: boolean
  rooms: readonly { id: string; name: string }[]
  chosen: { id: string; name: string; version: number; shelter: RoomPlan } | null
  heaters: readonly StoredHeater[]
  /** The heater the address names. */
  heaterId: string | null
  about: string | null
  appliances: readonly { id: string; name: string }[]
  equipment: readonly Equipment[]
  altitudeM: number
  /** Outside at the mildest hour that is heated; null when not known. */
  mildestK: number | null
  /** Coldest night of the trip; null when not entered. */
  coldestK: number | null
  pricePerKg: number | null
  /** Gas in the cylinders of the rig's line that come along, as far as they were weighed; null when none was. */
  aboardKg: number | null
  /** What the trip plans to burn. */
  planned: readonly PlannedBurning[]
  warmUps: readonly StoredWarmUp[]
}

const one = (asked: string | string[] | undefined): string | null => (typeof asked === 'string' ? asked : null)

/**
 * The room the address names, else the first.
 *
 * @param search - of the page
 * @param mayBegin - whether the page can start a new room, with none chosen
 */
export async function heatPageData(search: HeatSearch, mayBegin = false): Promise<HeatPageData> {
  const { rig, cylinders, appliances, equipment, trip } = loadRigSnapshot()
  if (!rig) redirect('/')
  const asked = await search
  const rows = roomsOf(rig.id)
  const row = mayBegin && asked.room === 'new' ? undefined : (rows.find(({ id }) => id === asked.room) ?? rows[0])
  const weighed = cylinders
    .filter(({ gear }) => gear.aboard && kindFacts[gear.kind].supply === 'line')
    .flatMap(({ gear }) => usableGasKg(gear) ?? [])
  return {
    rigId: rig.id,
    rigVersion: rig.version,
    heatless: rig.heatless,
    rooms: rows.map(({ id, name }) => ({ id, name })),
    chosen: row ? { id: row.id, name: row.name, version: row.version, shelter: row.shelter } : null,
    heaters: heatersOf(rig.id),
    heaterId: one(asked.heater),
    about: one(asked.about),
    appliances: appliances.map(({ id, name }) => ({ id, name })),
    equipment,
    altitudeM: siteConditions(trip?.plan).altitudeM,
    mildestK: trip ? mildestHeatedK(trip.plan) : null,
    coldestK: trip?.plan.coldestK ?? null,
    pricePerKg: cheapestPerKg(pricesOf(rig.id)),
    aboardKg: weighed.length === 0 ? null : weighed.reduce((sum, kg) => sum + kg, 0),
    planned: trip?.plan.uses ?? [],
    warmUps: row ? warmUpsOf(row.id) : [],
  }
}
