import path from 'node:path'
import { PHOTO_TABLE, fileTimestamp, writeBackup } from './backup'
import type { Database } from '@/records/databaseType'
import { restorePhoto } from '@/records/repositories/photos'
import { verifyBackup, type BackupSummary } from './verifyBackup'
import { facts } from '@/records/schema/schema'
import { getTableName } from 'drizzle-orm'
import { archiveTables } from '@/records/archive/format/archiveTables'

interface Trigger {
  name: string
  sql: string
}

function restorePhotos(database: Database): void {
  const client = database.$client
  if (!client.prepare('SELECT 1 FROM restored.sqlite_master WHERE name = ?').get(PHOTO_TABLE)) return
  const rows = client.prepare(`SELECT id, bytes FROM restored.${PHOTO_TABLE}`).all() as { id: string; bytes: Buffer }[]
  for (const { id, bytes } of rows) restorePhoto(database, id, bytes)
}

/** One transaction: an interruption leaves either the old or the new records. */
function replaceRows(database: Database): void {
  const client = database.$client
  const tables = [getTableName(facts), ...archiveTables.map(({ name }) => name)]
  client
    .transaction(() => {
      const triggers = client
        .prepare(`SELECT name, sql FROM main.sqlite_master WHERE type = 'trigger'`)
        .all() as Trigger[]
      // The triggers protect the history; here all of it is replaced.
      for (const { name } of triggers) client.exec(`DROP TRIGGER ${name}`)
      for (const table of tables.toReversed()) client.exec(`DELETE FROM main.${table}`)
      for (const table of tables) {
        const columns = (client.pragma(`main.table_info(${table})`) as { name: string }[])
          .map(({ name }) => `"${name}"`)
          .join(', ')
        client.exec(`INSERT INTO main.${table} (${columns}) SELECT ${columns} FROM restored.${table} ORDER BY rowid`)
      }
      for (const { sql } of triggers) client.exec(sql)
    })
    .immediate()
}

/**
 * Replaces the records by a backup: the file is verified first, and the present records are saved as a backup beside
 * the database.
 *
 * @param bytes - of the backup
 * @param nowIso - for the name of the copy
 * @returns what was restored, and the file of the previous records
 * @throws RecordsError with a sentence; nothing was changed
 */
export function restoreBackup(database: Database, bytes: Buffer, nowIso: string): BackupSummary & { before: string } {
  const proved = verifyBackup(bytes)
  const client = database.$client
  try {
    const before = path.join(path.dirname(client.name), 'backups', `before-restore-${fileTimestamp(nowIso)}.db`)
    writeBackup(database, before)
    client.prepare('ATTACH ? AS restored').run(proved.file)
    try {
      restorePhotos(database)
      replaceRows(database)
    } finally {
      client.exec('DETACH restored')
    }
    return { rigs: proved.rigs, rows: proved.rows, photos: proved.photos, before }
  } finally {
    proved.discard()
  }
}
