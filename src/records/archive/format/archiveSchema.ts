import { z } from '@/core/base/zod'
import { FORMAT, FORMAT_VERSION } from './Archive'
import { archiveTables } from './archiveTables'
import { hashField } from './columnSchemas'
import { rowSchema } from './rowSchema'

/** More rows than this no owner writes in a life. */
export const MAX_ROWS = 500_000

/** Longest picture, as base64. */
export const MAX_FILE_TEXT = 1024 * 1024

const tables = Object.fromEntries(
  archiveTables.map(({ name, table }) => [name, z.array(rowSchema(table)).max(MAX_ROWS)]),
)

/** SHA-256 of each table; may be left out by a program that changes rows. */
export const hashesSchema = z.record(z.string().max(60), hashField).optional()

/** The open format, version 2. */
export const archiveSchema = z.strictObject({
  format: z.literal(FORMAT),
  version: z.literal(FORMAT_VERSION),
  part: z.enum(['all', 'rig']),
  tables: z.strictObject(tables),
  hashes: hashesSchema,
  /** Pictures, base64. */
  files: z.record(hashField, z.string().max(MAX_FILE_TEXT)),
})

/** The open format as a JSON Schema, for other programs. */
export function archiveJsonSchema(): object {
  return {
    title: 'Gold Kettle: an owner’s records, version 2',
    description:
      'SI units, named in each field; months are 2031-03, days 2026-12-04, moments ISO 8601. A row a line; keys in order.',
    ...z.toJSONSchema(archiveSchema, { io: 'output', reused: 'ref', unrepresentable: 'any' }),
  }
}
