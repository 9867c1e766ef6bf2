import { and, asc, eq, isNull } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import { InputError } from '@/core/base/InputError'
import type { RoomWarmth } from '@/core/heat/warmth/heatOutlook'
import { shellWarmth } from '@/core/heat/warmth/rigShell'
import { roomWarmth } from '@/core/heat/warmth/roomWarmth'
import type { RigHeatInput } from '@/core/heat/heatFindings'
import type { Database } from '@/records/databaseType'
import { nowUtc } from '@/records/repositories/appendEvent'
import { heaters } from '@/records/schema/heatTables'
import { findRig } from '@/records/repositories/rigs/rigs'
import { listRooms, listWarmUps, type StoredRoom } from './rooms'
import { insertRow, updateVersion } from '@/records/write'

export type StoredHeater = typeof heaters.$inferSelect

/** What an owner enters of a heater. */
export type HeaterEntry = Pick<StoredHeater, 'name' | 'applianceId' | 'heater' | 'price' | 'lastsNights'>

/** The rig's heaters in the owner's order, without those archived. */
export function listHeaters(database: Database, rigId: string): StoredHeater[] {
  return database
    .select()
    .from(heaters)
    .where(and(eq(heaters.rigId, rigId), isNull(heaters.archivedAt)))
    .orderBy(asc(heaters.position))
    .all()
}

export function findHeater(database: Database, id: string): StoredHeater | undefined {
  return database.select().from(heaters).where(eq(heaters.id, id)).get()
}

export function addHeater(
  database: Database,
  rigId: string,
  entry: HeaterEntry,
  id: string = randomUUID(),
): StoredHeater {
  const position = database.$count(heaters, eq(heaters.rigId, rigId))
  return insertRow(database, heaters, { ...entry, id, rigId, position })
}

/**
 * Saves over version `version` of a heater.
 *
 * @throws ConflictError when a newer version exists
 */
export function saveHeater(
  database: Database,
  id: string,
  version: number,
  entry: Partial<HeaterEntry & Pick<StoredHeater, 'archivedAt'>>,
): void {
  updateVersion(database, heaters, { id, version }, entry, 'heater')
}

/** Heat loss and capacity from the room’s newest log, else from its shape. */
function warmthOf(database: Database, { id, shelter }: StoredRoom): RoomWarmth | null {
  const log =
    listWarmUps(database, id).find(({ voidedAt, loggedAt }) => voidedAt === null && loggedAt <= nowUtc())?.log ?? null
  for (const one of log === null ? [null] : [log, null]) {
    try {
      const { lossWPerK, capacityJPerK, from } = roomWarmth(shelter.room, one)
      return { lossWPerK, capacityJPerK, from }
    } catch (error) {
      if (!(error instanceof InputError)) throw error
    }
  }
  return null
}

/** Heaters and rooms of the rig, as core takes them. */
export function listHeat(
  database: Database,
  rigId: string,
): Pick<RigHeatInput, 'rooms' | 'heaters' | 'heatless'> & { warmth: RoomWarmth | null } {
  const rooms = listRooms(database, rigId)
  const rig = findRig(database, rigId)
  const ofRoom = rooms[0] ? warmthOf(database, rooms[0]) : null
  return {
    rooms: rooms.map(({ id, name, shelter }) => ({ id, name, shelter })),
    warmth: ofRoom ?? (rig?.shell ? shellWarmth(rig.shell) : null),
    heaters: listHeaters(database, rigId).map(({ id, name, applianceId, heater }) => ({
      id,
      name,
      applianceId,
      heater,
    })),
    heatless: rig?.heatless ?? false,
  }
}
