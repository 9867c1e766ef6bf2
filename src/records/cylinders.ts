import { and, asc, desc, eq, isNull, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { CylinderGear } from '@/core/cylinders/gear'
import type { Database } from './databaseType'
import { NotFoundError } from './RecordsError'
import { requireSaved } from './requireSaved'
import { cylinders, weighings } from './schema'

export type Cylinder = typeof cylinders.$inferSelect
export type StoredWeighing = typeof weighings.$inferSelect

/** What an owner enters of a cylinder. */
export type CylinderEntry = Pick<
  Cylinder,
  'name' | 'kind' | 'tareKg' | 'waterCapacityKg' | 'labelNetKg' | 'manufacturedMonth' | 'specification' | 'aboard'
>

/** A cylinder with its last standing weighing, as core judges it. */
export interface CylinderWithGear {
  row: Cylinder
  gear: CylinderGear
}

function withGear(row: Cylinder, last: StoredWeighing | undefined): CylinderWithGear {
  return { row, gear: { ...row, lastWeighing: last ?? null } }
}

function lastWeighing(database: Database, cylinderId: string): StoredWeighing | undefined {
  return database
    .select()
    .from(weighings)
    .where(and(eq(weighings.cylinderId, cylinderId), isNull(weighings.voidedAt)))
    .orderBy(desc(weighings.weighedAt), desc(sql`rowid`))
    .limit(1)
    .get()
}

/** The rig's cylinders in the owner's order, without those put away. */
export function listCylinders(database: Database, rigId: string): CylinderWithGear[] {
  return database
    .select()
    .from(cylinders)
    .where(and(eq(cylinders.rigId, rigId), isNull(cylinders.archivedAt)))
    .orderBy(asc(cylinders.position), asc(cylinders.name))
    .all()
    .map((row) => withGear(row, lastWeighing(database, row.id)))
}

export function findCylinder(database: Database, id: string): CylinderWithGear | undefined {
  const row = database.select().from(cylinders).where(eq(cylinders.id, id)).get()
  return row && withGear(row, lastWeighing(database, id))
}

export function addCylinder(
  database: Database,
  rigId: string,
  entry: CylinderEntry,
  id: string = randomUUID(),
): Cylinder {
  const position = database.$count(cylinders, eq(cylinders.rigId, rigId))
  return database
    .insert(cylinders)
    .values({ ...entry, id, rigId, position })
    .returning()
    .get()
}

/**
 * Saves over version `version` of a cylinder.
 *
 * @throws ConflictError when a newer version stands there
 */
export function saveCylinder(
  database: Database,
  id: string,
  version: number,
  entry: Partial<CylinderEntry & Pick<Cylinder, 'archivedAt'>>,
): void {
  const { changes } = database
    .update(cylinders)
    .set({ ...entry, version: version + 1 })
    .where(and(eq(cylinders.id, id), eq(cylinders.version, version)))
    .run()
  requireSaved(changes, findCylinder(database, id)?.row, 'cylinder')
}

/** Every weighing of a cylinder, newest first, the voided ones too. */
export function listWeighings(database: Database, cylinderId: string): StoredWeighing[] {
  return database
    .select()
    .from(weighings)
    .where(eq(weighings.cylinderId, cylinderId))
    .orderBy(desc(weighings.weighedAt), desc(sql`rowid`))
    .all()
}

/** Appends a weighing. */
export function addWeighing(
  database: Database,
  entry: Omit<StoredWeighing, 'id' | 'voidedAt' | 'voidReason'>,
  id: string = randomUUID(),
): StoredWeighing {
  return database
    .insert(weighings)
    .values({ ...entry, id })
    .returning()
    .get()
}

/**
 * Voids a weighing; voiding it again changes nothing.
 *
 * @throws NotFoundError when there is no such weighing
 */
export function voidWeighing(database: Database, id: string, voidedAt: string, voidReason: string): void {
  database
    .update(weighings)
    .set({ voidedAt, voidReason })
    .where(and(eq(weighings.id, id), isNull(weighings.voidedAt)))
    .run()
  const stands = database.select().from(weighings).where(eq(weighings.id, id)).get()
  if (!stands) throw new NotFoundError('weighing')
}
