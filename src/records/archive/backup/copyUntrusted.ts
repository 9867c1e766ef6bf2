import Sqlite from 'better-sqlite3'
import fs from 'node:fs'
import { idField } from '@/records/archive/format/columnSchemas'
import { pictureTables } from '@/records/archive/format/archiveTables'
import { APPLICATION_ID } from '@/records/fileHeader'
import { RecordsError } from '@/records/RecordsError'
import { contentHash, photoTypeOf } from '@/records/repositories/photos'
import { makeSameSchema, OLD_PHOTO_TABLE } from './makeSameSchema'
import { columnsOf, copiedTables, prepareInsert } from './rawTables'
import { type Manifest, requireManifest } from './manifest'

export const DAMAGED = 'This backup is damaged: it cannot be read whole. Nothing was changed.'

/** One page of the smallest size. */
const SMALLEST_BYTES = 512

/** Facts that a backup may bring along. */
const factPatterns: Readonly<Record<string, RegExp>> = {
  demo: /^yes$/,
  'rig at hand': /^[^/\\]{1,64}$/,
  'event sequence': /^\d{1,10}$/,
}

/** More memory than this SQLite does not take for any backup that a person made. */
const MAX_HEAP_BYTES = 256 * 1024 * 1024

/** Opens a file that may have been made to harm: nothing in it is run or changed. */
export function openUntrusted(file: string): Sqlite.Database {
  const client = new Sqlite(file, { readonly: true, fileMustExist: true })
  client.pragma('trusted_schema = OFF')
  client.pragma('cell_size_check = ON')
  client.pragma(`hard_heap_limit = ${MAX_HEAP_BYTES}`)
  return client
}

function requireSound(source: Sqlite.Database): void {
  if (source.pragma('integrity_check(1)', { simple: true }) !== 'ok') throw new RecordsError(DAMAGED)
  if ((source.pragma('foreign_key_check') as unknown[]).length > 0) throw new RecordsError(DAMAGED)
}

/** Photos of a backup of 0.6.0, which names them by their rows. */
function copyOldPhotos(source: Sqlite.Database, target: Sqlite.Database): [id: string, bytes: Buffer][] {
  const has = source.prepare(`SELECT 1 FROM sqlite_master WHERE name = ?`).get(OLD_PHOTO_TABLE)
  if (!has) return []
  const found: [string, Buffer][] = []
  const isRow = target.prepare('SELECT 1 FROM photos WHERE id = ? UNION SELECT 1 FROM manual_pages WHERE id = ?')
  for (const row of source.prepare(`SELECT id, bytes FROM ${OLD_PHOTO_TABLE}`).raw().iterate()) {
    const [id, bytes] = row as unknown[]
    if (typeof id !== 'string' || !idField.safeParse(id).success || !Buffer.isBuffer(bytes) || !photoTypeOf(bytes)) {
      throw new RecordsError(`${DAMAGED} A photo has no proper name or is no picture.`)
    }
    if (isRow.get(id, id)) found.push([id, bytes])
  }
  return found
}

/** Gives the rows of photos the content that was found for them, after the migration that adds the column. */
export function attachOldPhotos(target: Sqlite.Database, found: readonly [id: string, bytes: Buffer][]): void {
  for (const [id, bytes] of found) {
    const hash = contentHash(bytes)
    target.prepare('INSERT OR IGNORE INTO photo_contents (hash, bytes) VALUES (?, ?)').run(hash, bytes)
    for (const table of pictureTables) {
      target.prepare(`UPDATE ${table} SET content_hash = ? WHERE id = ? AND content_hash IS NULL`).run(hash, id)
    }
  }
}

/**
 * Copies the values of an untrusted file into a new file of our own making, table by table.
 *
 * @param file - the untrusted file
 * @param into - path of the new file, which has the structure that the old one had
 * @returns its manifest, null for an older backup; photos that are still to be attached
 * @throws RecordsError with a sentence
 */
export function copyUntrusted(
  file: string,
  into: string,
): { manifest: Manifest | null; oldPhotos: [id: string, bytes: Buffer][] } {
  if (fs.statSync(file).size < SMALLEST_BYTES) throw new RecordsError(DAMAGED)
  const source = openUntrusted(file)
  const target = new Sqlite(into)
  target.pragma('foreign_keys = OFF')
  try {
    if (source.pragma('application_id', { simple: true }) !== APPLICATION_ID) {
      throw new RecordsError('This is a database of another program. Nothing was changed.')
    }
    makeSameSchema(source, target)
    requireSound(source)
    let manifest: Manifest | null
    try {
      manifest = requireManifest(source)
    } catch (error) {
      throw new RecordsError(`${DAMAGED} Its content differs from what was written.`, { cause: error })
    }
    target.pragma(`application_id = ${APPLICATION_ID}`)
    target.transaction(() => {
      for (const table of copiedTables(target)) {
        const columns = columnsOf(target, table)
        const put = prepareInsert(target, table, columns)
        const rows = source
          .prepare(`SELECT ${columns.join(', ')} FROM ${table} ORDER BY rowid`)
          .raw()
          .safeIntegers()
        for (const row of rows.iterate()) put.run(...(row as unknown[]))
      }
      const brought = target.prepare('SELECT key, value FROM facts').all() as { key: string; value: string }[]
      for (const { key, value } of brought) {
        if (!factPatterns[key]?.test(value)) target.prepare('DELETE FROM facts WHERE key = ?').run(key)
      }
    })()
    return { manifest, oldPhotos: copyOldPhotos(source, target) }
  } finally {
    source.close()
    target.close()
  }
}
