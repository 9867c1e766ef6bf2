import { getTableColumns, getTableName, type Column } from 'drizzle-orm'
import type { SQLiteTable } from 'drizzle-orm/sqlite-core'
import { z } from '@/core/base/zod'
import { columnSchemas } from './columnSchemas'
import { jsonSchemas } from './jsonSchemas'

const MAX_TEXT = 4000

/** Created once: an archive has tens of thousands of rows. */
const made = new Map<string, z.ZodObject>()

function fieldOf(tableName: string, key: string, column: Column): z.ZodType {
  const json = jsonSchemas[`${tableName}.${key}`]
  if (json) return json
  const own = columnSchemas[`${tableName}.${key}`] ?? columnSchemas[key]
  if (own) return own
  if (column.enumValues && column.enumValues.length > 0) return z.enum(column.enumValues as [string, ...string[]])
  if (column.dataType === 'boolean') return z.boolean()
  if (key.endsWith('At')) return columnSchemas.at ?? z.never()
  if (key.endsWith('Id')) return columnSchemas.id ?? z.never()
  if (key.endsWith('Month')) return columnSchemas.month ?? z.never()
  if (column.dataType === 'string') return z.string().max(MAX_TEXT)
  throw new RangeError(`The open format does not say what ${tableName}.${key} may be`)
}

/**
 * Schema of a row in the export, derived from the table, so that a new column cannot be forgotten.
 *
 * @throws RangeError for a column without a schema: a bug, not bad input
 */
export function rowSchema(table: SQLiteTable): z.ZodObject {
  const name = getTableName(table)
  const known = made.get(name)
  if (known) return known
  const shape = Object.entries(getTableColumns(table)).map(([key, column]) => {
    const field = fieldOf(name, key, column)
    return [key, column.notNull ? field : field.nullable()] as const
  })
  const schema = z.strictObject(Object.fromEntries(shape))
  made.set(name, schema)
  return schema
}
