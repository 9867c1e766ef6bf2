import { and, asc, eq, isNull } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import { settledKind } from '@/core/heat/heaters/heaterAppliance'
import { drawnSupplies } from '@/core/hookup/line/applianceSupply'
import { listHeaters } from '@/records/repositories/heat/heaters'
import { listLines } from '@/records/repositories/lines/lines'
import type { Database } from '@/records/databaseType'
import { appliances } from '@/records/schema/schema'
import { insertRow, updateVersion } from '@/records/write'

export type Appliance = typeof appliances.$inferSelect

/** What an owner enters of an appliance. */
export type ApplianceEntry = Pick<Appliance, 'name' | 'inputW' | 'supply'> &
  Partial<Pick<Appliance, 'kind' | 'pilotW' | 'currentA' | 'needsBattery' | 'cylinderId' | 'ratedInputW' | 'sources'>>

/** The rig's appliances in the owner's order, without those archived. */
export function listAppliances(database: Database, rigId: string): Appliance[] {
  const rows = database
    .select()
    .from(appliances)
    .where(and(eq(appliances.rigId, rigId), isNull(appliances.archivedAt)))
    .orderBy(asc(appliances.position), asc(appliances.name))
    .all()
  return settledAppliances(database, rigId, rows)
}

/** Appliances with the supply that the drawn lines give them, and of the kind that their heater is; else as entered. */
export function settledAppliances<Row extends Pick<Appliance, 'id' | 'supply' | 'kind'>>(
  database: Database,
  rigId: string,
  rows: readonly Row[],
): Row[] {
  const drawn = drawnSupplies(listLines(database, rigId))
  const heaters = new Map(listHeaters(database, rigId).map(({ applianceId, heater }) => [applianceId, heater]))
  return rows.map((row) => {
    const heater = heaters.get(row.id)
    return {
      ...row,
      supply: drawn.get(row.id) ?? row.supply,
      kind: heater ? settledKind(row.kind, heater) : row.kind,
    }
  })
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
  return insertRow(database, appliances, { ...entry, id, rigId, position })
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
  updateVersion(database, appliances, { id, version }, entry, 'appliance')
}
