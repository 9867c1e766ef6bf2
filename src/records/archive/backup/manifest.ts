import type Sqlite from 'better-sqlite3'
import { createHash } from 'node:crypto'
import { z } from '@/core/base/zod'
import { canonicalJson } from '@/records/archive/format/canonicalJson'

/** Table of the manifest inside a backup. */
export const MANIFEST_TABLE = 'backup_manifest'

/** Of backups; those before the first manifest count as 1. */
export const BACKUP_FORMAT = 2

const manifestSchema = z.strictObject({
  format: z.literal(BACKUP_FORMAT),
  /** Version of the program that wrote it. */
  program: z.string().min(1).max(20),
  madeAt: z.iso.datetime(),
  /** By table: its rows, and the SHA-256 over all their values. */
  tables: z.record(z.string().max(60), z.strictObject({ rows: z.int().min(0), sha256: z.string().length(64) })),
})

/** What a backup says of itself. */
export type Manifest = z.output<typeof manifestSchema>

/** A value with its type, so that the text 1 and the number 1 differ. */
function encoded(value: unknown): Buffer | string {
  if (value === null) return 'n;'
  if (Buffer.isBuffer(value)) return Buffer.concat([Buffer.from(`b${value.length}:`), value])
  if (typeof value === 'bigint') return `i${value};`
  if (typeof value === 'number') return `r${value};`
  const text = String(value)
  return `t${Buffer.byteLength(text)}:${text}`
}

function hashTable(client: Sqlite.Database, name: string): Manifest['tables'][string] {
  const hash = createHash('sha256')
  const columns = client.prepare('SELECT name FROM pragma_table_info(?) ORDER BY cid').pluck().all(name)
  hash.update(columns.map(encoded).join(''))
  let rows = 0
  for (const row of client.prepare(`SELECT * FROM "${name}" ORDER BY rowid`).raw().safeIntegers().iterate()) {
    for (const value of row as unknown[]) hash.update(encoded(value))
    hash.update('|')
    rows += 1
  }
  return { rows, sha256: hash.digest('hex') }
}

/** Rows and hash of every table; a photo is covered by the hash of its table. */
export function hashTables(client: Sqlite.Database): Manifest['tables'] {
  const names = client
    .prepare(
      `SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite\\_%' ESCAPE '\\' AND name <> ? ORDER BY name`,
    )
    .pluck()
    .all(MANIFEST_TABLE) as string[]
  return Object.fromEntries(names.map((name) => [name, hashTable(client, name)]))
}

const sha256 = (text: string): string => createHash('sha256').update(text).digest('hex')

export const MANIFEST_SQL = `CREATE TABLE ${MANIFEST_TABLE} (manifest TEXT NOT NULL, sha256 TEXT NOT NULL)`

/** Writes the manifest into a backup that has everything else. */
export function putManifest(client: Sqlite.Database, head: Pick<Manifest, 'program' | 'madeAt'>): Manifest {
  const manifest = { format: BACKUP_FORMAT, ...head, tables: hashTables(client) } as const
  const text = canonicalJson(manifest)
  client.exec(MANIFEST_SQL)
  client.prepare(`INSERT INTO ${MANIFEST_TABLE} VALUES (?, ?)`).run(text, sha256(text))
  return manifest
}

/**
 * The manifest of a backup, when all of the file agrees with it.
 *
 * @returns null for a backup of an older version, which has none
 * @throws RangeError when anything differs
 */
export function requireManifest(client: Sqlite.Database): Manifest | null {
  const has = client.prepare(`SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = ?`).get(MANIFEST_TABLE)
  if (!has) return null
  const rows = client.prepare(`SELECT manifest, sha256 FROM ${MANIFEST_TABLE}`).raw().all() as unknown[][]
  const [text, hash] = rows[0] ?? []
  if (rows.length !== 1 || typeof text !== 'string' || sha256(text) !== hash) {
    throw new RangeError('The manifest is damaged')
  }
  const manifest = manifestSchema.parse(JSON.parse(text))
  if (canonicalJson(hashTables(client)) !== canonicalJson(manifest.tables)) {
    throw new RangeError('A table differs from the manifest')
  }
  return manifest
}
