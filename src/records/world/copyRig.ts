import { eq } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { Database } from '@/records/databaseType'
import { rigs } from '@/records/schema'
import { exportWorld } from './exportWorld'
import { importWorld } from './importWorld'
import type { World } from './World'

/** The same structure with every text that is a name of a row replaced by its new one. */
function renamed(value: unknown, names: ReadonlyMap<string, string>): unknown {
  if (typeof value === 'string') return names.get(value) ?? value
  if (Array.isArray(value)) return value.map((one) => renamed(one, names))
  if (value === null || typeof value !== 'object') return value
  return Object.fromEntries(Object.entries(value).map(([key, held]) => [key, renamed(held, names)]))
}

/**
 * A second rig with the same gear, as for one that is built alike; its history begins anew.
 *
 * @param name - of the new rig
 * @returns its identifier
 */
export function copyRig(database: Database, rigId: string, name: string): string {
  const world = exportWorld(database, rigId)
  const ids = Object.values(world.tables).flatMap((rows) =>
    rows.flatMap(({ id }) => (typeof id === 'string' ? [id] : [])),
  )
  const names = new Map(ids.map((id) => [id, randomUUID()]))
  const tables = renamed(world.tables, names) as World['tables']
  const newId = names.get(rigId) ?? rigId
  database.transaction(() => {
    importWorld(database, { ...world, tables }, 'mine', false)
    database.update(rigs).set({ name, version: 1, archivedAt: null }).where(eq(rigs.id, newId)).run()
  })
  return newId
}
