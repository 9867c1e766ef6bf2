import { and, asc, eq, isNull } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { Equipment } from '@/core/cylinders/equipment/equipment'
import type { Database } from '@/records/databaseType'
import { appendEvent, type EventEntry, latestFirst, hasHappened } from '@/records/repositories/appendEvent'
import { equipment, equipmentLooks } from '@/records/schema/schema'
import { insertRow, updateVersion } from '@/records/write'

export type StoredEquipment = typeof equipment.$inferSelect
export type StoredEquipmentLook = typeof equipmentLooks.$inferSelect

/** What an owner enters of it. */
export type EquipmentEntry = Pick<StoredEquipment, 'kind' | 'name' | 'madeMonth' | 'replaceByMonth'>

/** An item with the version of its row, as core takes it. */
export type EquipmentWithVersion = Equipment & Pick<StoredEquipment, 'version'>

/** The rig's regulators, hoses, alarms and extinguishers with their last looks. */
export function listEquipment(database: Database, rigId: string): EquipmentWithVersion[] {
  const rows = database
    .select()
    .from(equipment)
    .where(and(eq(equipment.rigId, rigId), isNull(equipment.archivedAt)))
    .orderBy(asc(equipment.position))
    .all()
  return rows.map(({ id, kind, name, madeMonth, replaceByMonth, version }) => {
    const look = database
      .select()
      .from(equipmentLooks)
      .where(
        and(eq(equipmentLooks.equipmentId, id), isNull(equipmentLooks.voidedAt), hasHappened(equipmentLooks.lookedAt)),
      )
      .orderBy(...latestFirst(equipmentLooks.lookedAt, equipmentLooks.sequence))
      .limit(1)
      .get()
    const lastLook = look ? { sound: look.sound, lookedAt: look.lookedAt, note: look.note } : null
    return { id, kind, name, madeMonth, replaceByMonth, version, lastLook }
  })
}

export function findEquipment(database: Database, id: string): StoredEquipment | undefined {
  return database.select().from(equipment).where(eq(equipment.id, id)).get()
}

export function addEquipment(
  database: Database,
  rigId: string,
  entry: EquipmentEntry,
  id: string = randomUUID(),
): StoredEquipment {
  const position = database.$count(equipment, eq(equipment.rigId, rigId))
  return insertRow(database, equipment, { ...entry, id, rigId, position })
}

/**
 * Saves over version `version`.
 *
 * @throws ConflictError when a newer version exists
 */
export function saveEquipment(
  database: Database,
  id: string,
  version: number,
  entry: Partial<EquipmentEntry & Pick<StoredEquipment, 'archivedAt'>>,
): void {
  updateVersion(database, equipment, { id, version }, entry, 'thing')
}

export function addEquipmentLook(
  database: Database,
  entry: EventEntry<typeof equipmentLooks>,
  id: string = randomUUID(),
): StoredEquipmentLook {
  return appendEvent(database, equipmentLooks, { ...entry, id }, 'lookedAt')
}
