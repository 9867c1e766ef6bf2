import type { Database } from '@/records/databaseType'
import { readPhoto } from '@/records/photos'
import { ofRig } from './ofRig'
import { rowsOf } from './rowsOf'
import { FORMAT, FORMAT_VERSION, type World } from './World'
import { worldTables } from './worldTables'

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
