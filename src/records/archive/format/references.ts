import { getTableName } from 'drizzle-orm'
import { getTableConfig, type SQLiteTable } from 'drizzle-orm/sqlite-core'
import type { ArchiveRow } from './Archive'

/** A column that names a row of another table. */
interface Reference {
  key: string
  /** Name of the table that is named. */
  to: string
}

const known = new Map<SQLiteTable, Reference[]>()

function read(table: SQLiteTable): Reference[] {
  const columns = Object.entries(table).filter(([, column]) => column !== null && typeof column === 'object')
  return getTableConfig(table).foreignKeys.flatMap((foreign) => {
    const { columns: own, foreignTable } = foreign.reference()
    return own.flatMap((column) => {
      const key = columns.find(([, other]) => other === column)?.[0]
      return key ? [{ key, to: getTableName(foreignTable) }] : []
    })
  })
}

/** Foreign keys of a table. */
export function references(table: SQLiteTable): Reference[] {
  const found = known.get(table) ?? read(table)
  known.set(table, found)
  return found
}

/** What names a row of a table: its identifier, or those of the rows it joins. */
export function rowName(table: SQLiteTable, row: ArchiveRow): string {
  return JSON.stringify('id' in row ? row.id : references(table).map(({ key }) => row[key]))
}
