import { asc, getTableColumns, sql } from 'drizzle-orm'
import type { Database } from '@/records/databaseType'
import { rowSchema } from '@/records/archive/format/rowSchema'
import type { ArchiveRow } from '@/records/archive/format/Archive'
import type { ArchiveTable } from '@/records/archive/format/archiveTables'

/** Rows of a table in the order of the open format. */
export function archiveRows(database: Database, { table, at }: ArchiveTable): ArchiveRow[] {
  const columns = getTableColumns(table)
  const id = columns.id
  // Events in the order of entry, so that equal times keep their order.
  const order = at
    ? [asc(at), ...(columns.sequence ? [asc(columns.sequence)] : []), sql`rowid`]
    : id
      ? [asc(id)]
      : [sql`1`, sql`2`]
  const rows = database
    .select()
    .from(table)
    .orderBy(...order)
    .all() as ArchiveRow[]
  const schema = rowSchema(table)
  return rows.map((row) => {
    const checked = schema.safeParse(row)
    // What older versions wrote shorter is written in full; what no longer fits goes out as it is.
    return checked.success ? (checked.data as ArchiveRow) : row
  })
}
