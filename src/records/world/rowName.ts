import type { SQLiteTable } from 'drizzle-orm/sqlite-core'
import { references } from './references'
import type { WorldRow } from './World'

/** What names a row of a table: its identifier, or those of the rows it joins. */
export function rowName(table: SQLiteTable, row: WorldRow): string {
  return JSON.stringify('id' in row ? row.id : references(table).map(({ key }) => row[key]))
}
