import { asc, getTableColumns, sql } from 'drizzle-orm'
import type { Database } from '@/records/databaseType'
import { readPhoto } from '@/records/photos'
import { ofRig } from './ofRig'
import { rowSchema } from './rowSchema'
import { FORMAT, FORMAT_VERSION, type World, type WorldRow } from './World'
import { worldTables, type WorldTable } from './worldTables'

function rowsOf(database: Database, { table, at }: WorldTable): WorldRow[] {
  const columns = getTableColumns(table)
  const id = columns.id
  // Events in the order they came to be, so that of two at one moment the later stays the later.
  const order = at ? [asc(at), sql`rowid`] : id ? [asc(id)] : [sql`1`, sql`2`]
  const rows = database
    .select()
    .from(table)
    .orderBy(...order)
    .all() as WorldRow[]
  const schema = rowSchema(table)
  return rows.map((row) => {
    const checked = schema.safeParse(row)
    // What older versions wrote shorter is written in full; what no longer fits goes out as it is.
    return checked.success ? (checked.data as WorldRow) : row
  })
}

function filesOf(database: Database, tables: World['tables']): Record<string, string> {
  const ids = [...(tables.photos ?? []), ...(tables.manual_pages ?? [])].map(({ id }) => String(id))
  return Object.fromEntries(
    ids.flatMap((id) => {
      const photo = readPhoto(database, id)
      return photo ? [[id, photo.bytes.toString('base64')]] : []
    }),
  )
}

/**
 * Everything of an owner as one structure, in an order that does not depend on when or how it came in.
 *
 * @param database - the records
 * @param rigId - only what this rig has, to give it away: no trips, history, prices or pictures
 */
export function exportWorld(database: Database, rigId?: string): World {
  return database.transaction(() => {
    const all = Object.fromEntries(worldTables.map((table) => [table.name, rowsOf(database, table)]))
    const tables = rigId === undefined ? all : ofRig(all, rigId)
    return {
      format: FORMAT,
      version: FORMAT_VERSION,
      part: rigId === undefined ? 'all' : 'rig',
      tables,
      files: filesOf(database, tables),
    }
  })
}
