import { and, asc, eq, isNull } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { Database } from '@/records/databaseType'
import { requireUpdated } from '@/records/repositories/requireUpdated'
import { appliances } from '@/records/schema/schema'

export type Appliance = typeof appliances.$inferSelect

/** What an owner enters of an appliance. */
export type ApplianceEntry = Pick<Appliance, 'name' | 'inputW' | 'supply'> &
  Partial<Pick<Appliance, 'kind' | 'pilotW' | 'currentA' | 'needsBattery' | 'cylinderId'>>

/** The rig's appliances in the owner's order, without those archived. */
export function listAppliances(database: Database, rigId: string): Appliance[] {
  return database
    .select()
    .from(appliances)
    .where(and(eq(appliances.rigId, rigId), isNull(appliances.archivedAt)))
    .orderBy(asc(appliances.position), asc(appliances.name))
    .all()
}

export function findAppliance(database: Database, id: string): Appliance | undefined {
  return database.select().from(appliances).where(eq(appliances.id, id)).get()
}

export function addAppliance(
  database: Database,
  rigId: string,
  entry: ApplianceEntry,
  id: string = randomUUID(),
): Appliance {
  const position = database.$count(appliances, eq(appliances.rigId, rigId))
  return database
    .insert(appliances)
    .values({ ...entry, id, rigId, position })
    .returning()
    .get()
}

/**
 * Saves over version `version` of an appliance.
 *
 * @throws ConflictError when a newer version exists
 */
export function saveAppliance(
  database: Database,
  id: string,
  version: number,
  entry: Partial<ApplianceEntry & Pick<Appliance, 'archivedAt'>>,
): void {
  const { changes } = database
    .update(appliances)
    .set({ ...entry, version: version + 1 })
    .where(and(eq(appliances.id, id), eq(appliances.version, version)))
    .run()
  requireUpdated(changes, findAppliance(database, id), 'appliance')
}
