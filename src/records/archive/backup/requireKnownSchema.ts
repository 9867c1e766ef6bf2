import Sqlite from 'better-sqlite3'
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
 * Requires that a file has exactly the structure that some version of this program made: a view, a trigger or a table
 * of someone else is refused without running it.
 *
 * @param client - opened for reading, without trust
 * @returns number of its migrations
 * @throws RecordsError with a sentence
 */
export function requireKnownSchema(client: Sqlite.Database): number {
  const known = knownMigrations()
  const parts = schemaParts(client)
  if (parts.some(({ type }) => type === 'view')) {
    throw new RecordsError('This file has views, which a backup of Gold Kettle never has. Nothing was changed.')
  }
  const applied = appliedMoments(client)
  const newest = known.at(-1)?.when ?? 0
  if (applied.some((moment) => moment > newest)) {
    throw new RecordsError('This backup was made by a newer version of Gold Kettle. Start that version.')
  }
  const isPrefix = applied.length > 0 && applied.every((moment, i) => moment === known[i]?.when)
  const model = new Sqlite(':memory:')
  try {
    makeSchema(model, applied.length)
    const expected = [...schemaParts(model), ...backupParts]
    const strange = parts.find((part) => !expected.some((other) => same(part, other)))
    const missing = schemaParts(model).find((part) => !parts.some((other) => same(part, other)))
    if (!isPrefix || strange || missing) {
      throw new RecordsError('This file is not built as the records of Gold Kettle are. Nothing was changed.')
    }
  } finally {
    model.close()
  }
  return applied.length
}
