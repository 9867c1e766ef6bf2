import { and, asc, eq, isNull } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { Database } from '@/records/databaseType'
import { appendEvent, type EventEntry, latestFirst } from '@/records/repositories/appendEvent'
import { rooms, warmUps } from '@/records/schema/heatTables'
import { insertRow, updateVersion } from '@/records/write'

export type StoredRoom = typeof rooms.$inferSelect
export type StoredWarmUp = typeof warmUps.$inferSelect

/** What an owner enters of a room. */
export type RoomEntry = Pick<StoredRoom, 'name' | 'shelter'>

/** The rig's rooms in the owner's order, without those archived. */
export function listRooms(database: Database, rigId: string): StoredRoom[] {
  return database
    .select()
    .from(rooms)
    .where(and(eq(rooms.rigId, rigId), isNull(rooms.archivedAt)))
    .orderBy(asc(rooms.position))
    .all()
}

export function findRoom(database: Database, id: string): StoredRoom | undefined {
  return database.select().from(rooms).where(eq(rooms.id, id)).get()
}

export function addRoom(database: Database, rigId: string, entry: RoomEntry, id: string = randomUUID()): StoredRoom {
  const position = database.$count(rooms, eq(rooms.rigId, rigId))
  return insertRow(database, rooms, { ...entry, id, rigId, position })
}

/**
 * Saves over version `version` of a room.
 *
 * @throws ConflictError when a newer version exists
 */
export function saveRoom(
  database: Database,
  id: string,
  version: number,
  entry: Partial<RoomEntry & Pick<StoredRoom, 'archivedAt'>>,
): void {
  updateVersion(database, rooms, { id, version }, entry, 'room')
}

/** Warm-up logs of a room, newest first, including voided ones. */
export function listWarmUps(database: Database, roomId: string): StoredWarmUp[] {
  return database
    .select()
    .from(warmUps)
    .where(eq(warmUps.roomId, roomId))
    .orderBy(...latestFirst(warmUps.loggedAt, warmUps.sequence))
    .all()
}

export function addWarmUp(
  database: Database,
  entry: EventEntry<typeof warmUps>,
  id: string = randomUUID(),
): StoredWarmUp {
  return appendEvent(database, warmUps, { ...entry, id }, 'loggedAt')
}
