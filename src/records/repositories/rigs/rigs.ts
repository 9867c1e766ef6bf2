import { asc, eq, isNotNull, isNull, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { Database } from '@/records/databaseType'
import { facts, rigs } from '@/records/schema/schema'
import { insertRow, updateVersion, write } from '@/records/write'

export type Rig = typeof rigs.$inferSelect

/** All rigs by name, without those archived. */
export function listRigs(database: Database): Rig[] {
  return database.select().from(rigs).where(isNull(rigs.archivedAt)).orderBy(asc(rigs.name)).all()
}

/** Rigs archived, by name. */
export function listArchivedRigs(database: Database): Rig[] {
  return database.select().from(rigs).where(isNotNull(rigs.archivedAt)).orderBy(asc(rigs.name)).all()
}

const AT_HAND = 'rig at hand'

/** The active rig: the one chosen last, else the first. */
export function activeRig(database: Database): Rig | undefined {
  const all = database
    .select()
    .from(rigs)
    .where(isNull(rigs.archivedAt))
    .orderBy(sql`rowid`)
    .all()
  const chosen = readFact(database, AT_HAND)
  return all.find(({ id }) => id === chosen) ?? all[0]
}

/** Activates a rig. */
export function activateRig(database: Database, id: string): void {
  writeFact(database, AT_HAND, id)
}

/** The rig by its identifier. */
export function findRig(database: Database, id: string): Rig | undefined {
  return database.select().from(rigs).where(eq(rigs.id, id)).get()
}

/** A new rig; its identifier is made up when none is given. */
export function addRig(database: Database, name: string, id: string = randomUUID()): Rig {
  return insertRow(database, rigs, { id, name })
}

/**
 * Saves over version `version` of a rig.
 *
 * @throws ConflictError when a newer version exists
 */
export function saveRig(
  database: Database,
  id: string,
  version: number,
  entry: Partial<Omit<Rig, 'id' | 'version'>>,
): void {
  updateVersion(database, rigs, { id, version }, entry, 'rig')
}

/** A fact about the whole file, such as `demo`. */
export function readFact(database: Database, key: string): string | undefined {
  return database.select().from(facts).where(eq(facts.key, key)).get()?.value
}

export function writeFact(database: Database, key: string, value: string): void {
  write(database, (records) =>
    records.insert(facts).values({ key, value }).onConflictDoUpdate({ target: facts.key, set: { value } }).run(),
  )
}
