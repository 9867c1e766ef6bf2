import fs from 'node:fs'
import path from 'node:path'
import type { Database } from '@/records/databaseType'
import { manualPages } from '@/records/schema/heatTables'
import { readPhoto } from '@/records/repositories/photos'
import { photos } from '@/records/schema/schema'
import Sqlite from 'better-sqlite3'

/** Table of the photos inside a backup. */
export const PHOTO_TABLE = 'backup_photos'

/**
 * Writes the database and its photos into one file.
 *
 * @param file - that must not exist; it appears whole or not at all
 */
export function writeBackup(database: Database, file: string): void {
  const draft = `${file}.part`
  fs.mkdirSync(path.dirname(file), { recursive: true })
  fs.rmSync(draft, { force: true })
  database.$client.prepare('VACUUM INTO ?').run(draft)
  const copy = new Sqlite(draft)
  copy.exec(`CREATE TABLE ${PHOTO_TABLE} (id TEXT PRIMARY KEY, bytes BLOB NOT NULL)`)
  const put = copy.prepare(`INSERT INTO ${PHOTO_TABLE} VALUES (?, ?)`)
  const ids = [
    ...database.select({ id: photos.id }).from(photos).all(),
    ...database.select({ id: manualPages.id }).from(manualPages).all(),
  ]
  copy.transaction(() => {
    for (const { id } of ids) {
      const photo = readPhoto(database, id)
      if (photo) put.run(id, photo.bytes)
    }
  })()
  copy.close()
  fs.renameSync(draft, file)
}

/** A moment as part of a file's name. */
export function fileTimestamp(nowIso: string): string {
  return nowIso.slice(0, 19).replace(/[:T]/g, '-')
}

/** Name of a backup made at a moment. */
export function backupName(nowIso: string): string {
  return `gold-kettle-${fileTimestamp(nowIso)}.db`
}
