import type Sqlite from 'better-sqlite3'
import { appliedMoments, knownMigrations, makeSchema, schemaParts, type SchemaPart } from '@/records/migrations'
import { RecordsError } from '@/records/RecordsError'
import { MANIFEST_SQL, MANIFEST_TABLE } from './manifest'

/** Table of the photos inside a backup of version 0.6.0. */
export const OLD_PHOTO_TABLE = 'backup_photos'

/** What a backup has beside the records. */
const backupParts: readonly SchemaPart[] = [
  { type: 'table', name: MANIFEST_TABLE, sql: MANIFEST_SQL },
  {
    type: 'table',
    name: OLD_PHOTO_TABLE,
    sql: `CREATE TABLE ${OLD_PHOTO_TABLE} (id TEXT PRIMARY KEY, bytes BLOB NOT NULL)`,
  },
  { type: 'index', name: `sqlite_autoindex_${OLD_PHOTO_TABLE}_1`, sql: null },
]

const same = (a: SchemaPart, b: SchemaPart): boolean => a.type === b.type && a.name === b.name && a.sql === b.sql

/**
 * Makes the structure of a file in an empty one, from our own migrations. A file that differs from what some version of
 * this program made, by a view, a trigger or a table of someone else, is refused without running anything of it.
 *
 * @param source - opened for reading, without trust
 * @param target - empty
 * @throws RecordsError with a sentence
 */
export function makeSameSchema(source: Sqlite.Database, target: Sqlite.Database): void {
  const known = knownMigrations()
  const parts = schemaParts(source)
  if (parts.some(({ type }) => type === 'view')) {
    throw new RecordsError('This file has views, which a backup of Gold Kettle never has. Nothing was changed.')
  }
  const applied = appliedMoments(source)
  const newest = known.at(-1)?.when ?? 0
  if (applied.some((moment) => moment > newest)) {
    throw new RecordsError('This backup was made by a newer version of Gold Kettle. Start that version.')
  }
  const isPrefix = applied.length > 0 && applied.every((moment, i) => moment === known[i]?.when)
  makeSchema(target, applied.length)
  const own = schemaParts(target)
  const has = (all: readonly SchemaPart[], part: SchemaPart): boolean => all.some((other) => same(part, other))
  const isSame = parts.every((part) => has([...own, ...backupParts], part)) && own.every((part) => has(parts, part))
  if (!isPrefix || !isSame) {
    throw new RecordsError('This file is not built as the records of Gold Kettle are. Nothing was changed.')
  }
}
