import { and, asc, eq, isNull } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { HeatOfRig } from '@/core/shelter/shelterFindings'
import type { Database } from './databaseType'
import { heaters } from './heatTables'
import { requireSaved } from './requireSaved'
import { findRig } from './rigs'
import { listRooms } from './rooms'

export type StoredHeater = typeof heaters.$inferSelect

/** What an owner enters of a heater. */
export type HeaterEntry = Pick<StoredHeater, 'name' | 'applianceId' | 'heater' | 'price' | 'lastsNights'>

/** The rig's heaters in the owner's order, without those put away. */
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
  return database
    .insert(heaters)
    .values({ ...entry, id, rigId, position })
    .returning()
    .get()
}

/**
 * Saves over version `version` of a heater.
 *
 * @throws ConflictError when a newer version stands there
 */
export function saveHeater(
  database: Database,
  id: string,
  version: number,
  entry: Partial<HeaterEntry & Pick<StoredHeater, 'archivedAt'>>,
): void {
  const { changes } = database
    .update(heaters)
    .set({ ...entry, version: version + 1 })
    .where(and(eq(heaters.id, id), eq(heaters.version, version)))
    .run()
  requireSaved(changes, findHeater(database, id), 'heater')
}

/** What heats the rig and where, as core judges it. */
export function listHeat(database: Database, rigId: string): Pick<HeatOfRig, 'rooms' | 'heaters' | 'heatless'> {
  return {
    rooms: listRooms(database, rigId).map(({ id, name, shelter }) => ({ id, name, shelter })),
    heaters: listHeaters(database, rigId).map(({ id, name, applianceId, heater }) => ({
      id,
      name,
      applianceId,
      heater,
    })),
    heatless: findRig(database, rigId)?.heatless ?? false,
  }
}
