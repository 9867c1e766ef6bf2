import { z } from '@/core/base/zod'
import { idField } from './columnSchemas'
import { rowSchema } from './rowSchema'
import { FORMAT, FORMAT_VERSION } from './World'
import { worldTables } from './worldTables'

/** More rows than this no owner writes in a life. */
const MOST_ROWS = 500_000

const tables = Object.fromEntries(
  worldTables.map(({ name, table }) => [name, z.array(rowSchema(table)).max(MOST_ROWS)]),
)

/** The open format, version 1. */
export const worldSchema = z.strictObject({
  format: z.literal(FORMAT),
  version: z.literal(FORMAT_VERSION),
  part: z.enum(['all', 'rig']),
  tables: z.strictObject(tables),
  /** Pictures, base64. */
  files: z.record(idField, z.string().max(1024 * 1024)),
})
