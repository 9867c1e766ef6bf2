import { and, asc, eq, inArray, isNull } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { CylinderGear, LevelReading, Weighing } from '@/core/cylinders/cylinderGear'
import { loadFitness } from './cylinderFitness'
import type { Database } from '@/records/databaseType'
import { lastLevels } from './levels'
import { findRig } from '@/records/repositories/rigs/rigs'
import { cylinders } from '@/records/schema/schema'
import { lastFills } from './fills'
import { shutUntil } from '@/records/repositories/trips/swaps'
import { lastWeighings } from './weighings'
import { insertRow, updateVersion } from '@/records/write'

export type Cylinder = typeof cylinders.$inferSelect

/** What an owner enters of a cylinder. */
export type CylinderEntry = Omit<Cylinder, 'id' | 'rigId' | 'position' | 'archivedAt' | 'version'>

/** Default values of a cylinder. */
export const plainCylinder = {
  labelNetKg: null,
  manufacturedMonth: null,
  specification: null,
  stampsText: null,
  overfillStop: 'unknown',
  labelIntervalMonths: null,
  endOfLifeMonth: null,
  ruleSetId: null,
  ruleReason: null,
  reliefGaugePa: null,
  fullMark: null,
  sources: {},
  aboard: true,
} as const satisfies Partial<CylinderEntry>

/** A cylinder with its last valid weighing, reading and marks, as core takes it. */
export interface CylinderWithGear {
  row: Cylinder
  gear: CylinderGear
}

function weighingOf(stored: Weighing | undefined): Weighing | null {
  return stored ? { grossKg: stored.grossKg, hangingKg: stored.hangingKg, weighedAt: stored.weighedAt } : null
}

function levelOf(stored: LevelReading | undefined): LevelReading | null {
  if (!stored) return null
  const { liquidFraction, temperatureK, sources, readAt } = stored
  return { liquidFraction, temperatureK, ...(sources && { sources }), readAt }
}

function withGear(database: Database, rows: readonly Cylinder[]): CylinderWithGear[] {
  const ids = rows.map(({ id }) => id)
  const rig = rows[0] && findRig(database, rows[0].rigId)
  if (!rig) return []
  const weighings = lastWeighings(database, ids)
  const levels = lastLevels(database, ids)
  const shut = shutUntil(database, ids)
  const fills = lastFills(database, ids)
  const fitness = loadFitness(database, rig, rows)
  return rows.flatMap((row) => {
    const own = fitness.get(row.id)
    if (!own) return []
    const { id, name, kind, tareKg, waterCapacityKg, labelNetKg, aboard, sources } = row
    const filled = fills.get(id)
    const readAt = [weighings.get(id)?.weighedAt, levels.get(id)?.readAt].filter((at) => at !== undefined)
    const isUnknown = filled?.netKg === null && readAt.every((at) => at < filled.filledAt)
    const gear: CylinderGear = {
      id,
      name,
      kind,
      tareKg,
      waterCapacityKg,
      labelNetKg,
      sources,
      aboard,
      lastWeighing: weighingOf(weighings.get(id)),
      lastLevel: levelOf(levels.get(id)),
      shutUntil: shut.get(id) ?? null,
      ...(isUnknown && { filledUnknownAt: filled.filledAt }),
      fitness: own,
    }
    return [{ row, gear }]
  })
}

/** The rig's cylinders in the owner's order, without those archived. */
export function listCylinders(database: Database, rigId: string): CylinderWithGear[] {
  const rows = database
    .select()
    .from(cylinders)
    .where(and(eq(cylinders.rigId, rigId), isNull(cylinders.archivedAt)))
    .orderBy(asc(cylinders.position), asc(cylinders.name))
    .all()
  return withGear(database, rows)
}

/** The rig's cylinders, those archived too. */
export function listAllCylinders(database: Database, rigId: string): CylinderWithGear[] {
  return withGear(database, database.select().from(cylinders).where(eq(cylinders.rigId, rigId)).all())
}

/** Cylinders of one rig, those archived too. */
export function findCylinders(database: Database, ids: readonly string[]): CylinderWithGear[] {
  return withGear(
    database,
    database
      .select()
      .from(cylinders)
      .where(inArray(cylinders.id, [...ids]))
      .all(),
  )
}

export function findCylinder(database: Database, id: string): CylinderWithGear | undefined {
  return findCylinders(database, [id])[0]
}

/** Name of a cylinder, for texts. */
export function cylinderName(database: Database, id: string): string | undefined {
  return database.select({ name: cylinders.name }).from(cylinders).where(eq(cylinders.id, id)).get()?.name
}

export function addCylinder(
  database: Database,
  rigId: string,
  entry: CylinderEntry,
  id: string = randomUUID(),
): Cylinder {
  const position = database.$count(cylinders, eq(cylinders.rigId, rigId))
  return insertRow(database, cylinders, { ...entry, id, rigId, position })
}

/**
 * Saves over version `version` of a cylinder.
 *
 * @throws ConflictError when a newer version exists
 */
export function saveCylinder(
  database: Database,
  id: string,
  version: number,
  entry: Partial<CylinderEntry & Pick<Cylinder, 'archivedAt'>>,
): void {
  updateVersion(database, cylinders, { id, version }, entry, 'cylinder')
}
