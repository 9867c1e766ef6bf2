import type { InputIssue } from '@/core/base/InputError'
import { z, zodIssues } from '@/core/base/zod'
import { type Archive, FORMAT, FORMAT_VERSION } from '@/records/archive/format/Archive'
import { hashesSchema, MAX_FILE_TEXT, MAX_ROWS } from '@/records/archive/format/archiveSchema'
import { archiveTables, pictureTables } from '@/records/archive/format/archiveTables'
import { tableHash } from '@/records/archive/format/canonicalJson'
import { checkTables, MAX_ISSUES } from '@/records/archive/format/checkTables'
import { tablesAddedInVersion3, upgradeArchive } from '@/records/archive/format/upgradeArchive'
import { contentHash, photoTypeOf } from '@/records/repositories/photos'
import { FileError, fileFault } from './FileError'
import { addLineNumbers, brokenLine } from './lineNumbers'
import { referenceIssues } from './referenceIssues'
import { unpack } from './unpack'

/** Issues of photos: no image, another image than its name says, or one that belongs to no row. */
function fileIssues({ tables, files }: Archive): InputIssue[] {
  const rows = pictureTables.flatMap((name) =>
    (tables[name] ?? []).map((row, i) => ({ path: `tables.${name}.${i}.contentHash`, row })),
  )
  const byHash = new Map(rows.map(({ row }) => [row.contentHash, row]))
  const missing = rows
    .filter(({ row }) => row.contentHash !== null && !Object.hasOwn(files, String(row.contentHash)))
    .map(({ path }) => ({ path, message: 'The picture of this row is not in the file.' }))
  const wrong = Object.entries(files).flatMap(([hash, base64]): InputIssue[] => {
    const path = `files.${hash}`
    const row = byHash.get(hash)
    if (!row) return [{ path, message: 'No picture of this name is among the tables.' }]
    const bytes = Buffer.from(base64, 'base64')
    if (bytes.toString('base64') !== base64) return [{ path, message: 'This is not base64.' }]
    if (photoTypeOf(bytes) !== row.type) return [{ path, message: 'This is no picture of the kind its row names.' }]
    if (bytes.length !== row.bytes) return [{ path, message: 'This picture is not as long as its row says.' }]
    return contentHash(bytes) === hash ? [] : [{ path, message: 'This picture is not the one its name says.' }]
  })
  return [...missing, ...wrong]
}

/** More values than any owner's records have: years of them have a tenth. */
const MAX_VALUES = 4_000_000

/** Refuses a file whose parsed form would not fit into memory, by its commas and brackets. */
function requireFewValues(text: string): void {
  let values = 0
  for (let i = 0; i < text.length; i += 1) {
    const code = text.charCodeAt(i)
    if (code === 0x2c || code === 0x5b || code === 0x7b) values += 1
  }
  if (values > MAX_VALUES) throw fileFault('This file has more values than an owner’s records can have.')
}

function parse(text: string): unknown {
  try {
    requireFewValues(text)
    return JSON.parse(text)
  } catch (error) {
    if (!(error instanceof SyntaxError)) throw error
    throw new FileError([{ path: '', message: 'This is not JSON from here on.', line: brokenLine(text) }])
  }
}

/** Nested too deeply to parse. */
function notTooDeep<Value>(run: () => Value): Value {
  try {
    return run()
  } catch (error) {
    if (error instanceof RangeError) throw fileFault('This file is nested too deep to be an export of Gold Kettle.')
    throw error
  }
}

const kindSchema = z.looseObject({ format: z.literal(FORMAT), version: z.int().min(1) })

/** Checked first, so that a file of the wrong kind gives one sentence instead of a hundred. */
function requireOurs(data: unknown): void {
  const kind = kindSchema.safeParse(data)
  if (!kind.success) throw fileFault('This is JSON, but not an export of Gold Kettle.')
  const { version } = kind.data
  if (version > FORMAT_VERSION) {
    throw fileFault(
      `This file was written by a newer version of Gold Kettle: its format is ${version}, this version reads up to ${FORMAT_VERSION}.`,
    )
  }
}

const tableNames = archiveTables.map(({ name }) => name)

/** Everything but the rows. */
const outlineSchema = z.strictObject({
  format: z.literal(FORMAT),
  version: z.int().min(1).max(FORMAT_VERSION),
  part: z.enum(['all', 'rig']),
  tables: z.strictObject(
    Object.fromEntries(
      tableNames.map((name) => {
        const rows = z.array(z.unknown()).max(MAX_ROWS)
        return [name, tablesAddedInVersion3.includes(name) ? rows.default([]) : rows]
      }),
    ),
  ),
  hashes: hashesSchema,
  files: z
    .record(z.string().max(64), z.string().max(MAX_FILE_TEXT))
    .refine((files) => Object.keys(files).length <= 10_000, 'There are more pictures than an owner takes.'),
})

/** Tables that differ from what was exported. */
function changedTables(
  tables: Readonly<Record<string, readonly unknown[]>>,
  hashes: Readonly<Record<string, string>>,
): InputIssue[] {
  return Object.entries(hashes).flatMap(([name, hash]): InputIssue[] => {
    if (tableHash(tables[name] ?? []) === hash) return []
    const message =
      'This table is not as it was exported. If you changed the file yourself, delete “hashes” from it and try again.'
    return [{ path: `tables.${name}`, message }]
  })
}

/**
 * Reads a file of the open format.
 *
 * @param bytes - plain or packed by gzip
 * @throws FileError naming line and field of everything that is wrong, the first twenty
 */
export function readArchive(bytes: Buffer): Archive {
  const text = unpack(bytes)
  const data = notTooDeep(() => parse(text))
  requireOurs(data)
  const refuse = (issues: readonly InputIssue[]): never => {
    throw new FileError(addLineNumbers(text, issues.slice(0, MAX_ISSUES)))
  }
  const outline = outlineSchema.safeParse(data)
  if (!outline.success) return refuse(zodIssues(outline.error))
  const { hashes = {}, ...archived } = outline.data
  const upgraded = upgradeArchive(archived)
  const { tables, issues } = checkTables(({ name }) => upgraded.tables[name] ?? [])
  if (issues.length > 0) return refuse(issues.map(({ path, message }) => ({ path: `tables.${path}`, message })))
  const changed = changedTables(archived.tables, hashes)
  if (changed.length > 0) return refuse(changed)
  const archive = { ...upgraded, tables }
  const further = [...referenceIssues(archive), ...fileIssues(archive)]
  return further.length > 0 ? refuse(further) : archive
}
