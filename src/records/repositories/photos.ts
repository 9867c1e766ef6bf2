import { desc, eq, sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import fs from 'node:fs'
import path from 'node:path'
import { InputError } from '@/core/base/InputError'
import type { Database } from '@/records/databaseType'
import { manualPages } from '@/records/schema/heatTables'
import { photos } from '@/records/schema/schema'
import { insertRow } from '@/records/write'

export type StoredPhoto = typeof photos.$inferSelect
export type StoredManualPage = typeof manualPages.$inferSelect

const LARGEST = 700 * 1024

/** First bytes of the accepted image types. */
const signatures: readonly [StoredPhoto['type'], (bytes: Buffer) => boolean][] = [
  ['image/jpeg', (bytes) => bytes.subarray(0, 3).equals(Buffer.from([0xff, 0xd8, 0xff]))],
  ['image/png', (bytes) => bytes.subarray(0, 8).equals(Buffer.from('\x89PNG\r\n\x1a\n', 'latin1'))],
  ['image/webp', (bytes) => bytes.toString('latin1', 0, 4) === 'RIFF' && bytes.toString('latin1', 8, 12) === 'WEBP'],
]

/** What picture some bytes are, by their content; undefined for what is none. */
export function photoTypeOf(bytes: Buffer): StoredPhoto['type'] | undefined {
  return signatures.find(([, fits]) => fits(bytes))?.[0]
}

/** Photos are in a folder beside the database. */
function placeOf(database: Database, id: string): string {
  return path.join(/* turbopackIgnore: true */ path.dirname(database.$client.name), 'photos', id)
}

/** Type and size of a photo, determined from its content. */
function keep(database: Database, id: string, bytes: Buffer): Pick<StoredPhoto, 'type' | 'bytes'> {
  if (bytes.length > LARGEST) throw new InputError('photo', 'The picture is too large: 700 KiB at most.')
  const type = photoTypeOf(bytes)
  if (!type) throw new InputError('photo', 'This is no picture: a JPEG, PNG or WebP is wanted.')
  restorePhoto(database, id, bytes)
  return { type, bytes: bytes.length }
}

/** Writes the bytes of a photo whose row exists. */
export function restorePhoto(database: Database, id: string, bytes: Buffer): void {
  const place = placeOf(database, id)
  fs.mkdirSync(path.dirname(place), { recursive: true })
  fs.writeFileSync(place, bytes, { flush: true })
}

/**
 * Saves a photo of a cylinder's collar.
 *
 * @throws InputError at `photo` for what is no picture, or too large
 */
export function addPhoto(
  database: Database,
  cylinderId: string,
  bytes: Buffer,
  takenAt: string,
  id: string = randomUUID(),
): StoredPhoto {
  return insertRow(database, photos, { id, cylinderId, takenAt, ...keep(database, id, bytes) })
}

/**
 * Saves a photo of a page of a heater's manual.
 *
 * @throws InputError as addPhoto does
 */
export function addManualPage(
  database: Database,
  heaterId: string,
  bytes: Buffer,
  takenAt: string,
  id: string = randomUUID(),
): StoredManualPage {
  return insertRow(database, manualPages, { id, heaterId, takenAt, ...keep(database, id, bytes) })
}

/** Pages of each heater's manual, newest first. */
export function listManualPages(database: Database, heaterId: string): StoredManualPage[] {
  return database
    .select()
    .from(manualPages)
    .where(eq(manualPages.heaterId, heaterId))
    .orderBy(desc(manualPages.takenAt), desc(sql`rowid`))
    .all()
}

/** A photo with its bytes; undefined when the row or the file is missing. */
export function readPhoto(
  database: Database,
  id: string,
): { row: Pick<StoredPhoto, 'id' | 'type'>; bytes: Buffer } | undefined {
  const row =
    database.select().from(photos).where(eq(photos.id, id)).get() ??
    database.select().from(manualPages).where(eq(manualPages.id, id)).get()
  const place = row && placeOf(database, row.id)
  return row && place && fs.existsSync(place) ? { row, bytes: fs.readFileSync(place) } : undefined
}
