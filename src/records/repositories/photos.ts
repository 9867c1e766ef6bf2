import { desc, eq, sql } from 'drizzle-orm'
import { createHash, randomUUID } from 'node:crypto'
import { InputError } from '@/core/base/InputError'
import type { Database, WritableDatabase } from '@/records/databaseType'
import { manualPages } from '@/records/schema/heatTables'
import { photoContents, photos } from '@/records/schema/schema'
import { insertRow, write } from '@/records/write'

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

/** Name of a picture's content: SHA-256, hexadecimal. */
export function contentHash(bytes: Buffer): string {
  return createHash('sha256').update(bytes).digest('hex')
}

/** Stores the content of a picture under its hash; the same content is stored once. */
export function keepContent(records: WritableDatabase, bytes: Buffer): string {
  const hash = contentHash(bytes)
  records.insert(photoContents).values({ hash, bytes }).onConflictDoNothing().run()
  return hash
}

/** Type, size and content of a photo, the type by its content. */
function keep(records: WritableDatabase, bytes: Buffer): Pick<StoredPhoto, 'type' | 'bytes' | 'contentHash'> {
  if (bytes.length > LARGEST) throw new InputError('photo', 'The picture is too large: 700 KiB at most.')
  const type = photoTypeOf(bytes)
  if (!type) throw new InputError('photo', 'This is no picture: a JPEG, PNG or WebP is wanted.')
  return { type, bytes: bytes.length, contentHash: keepContent(records, bytes) }
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
  return write(database, (records) => insertRow(database, photos, { id, cylinderId, takenAt, ...keep(records, bytes) }))
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
  return write(database, (records) =>
    insertRow(database, manualPages, { id, heaterId, takenAt, ...keep(records, bytes) }),
  )
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

/** Content of a picture by its hash; undefined when it is lost. */
export function readContent(database: Database, hash: string): Buffer | undefined {
  return database.select().from(photoContents).where(eq(photoContents.hash, hash)).get()?.bytes
}

/** A photo with its bytes; undefined when the row or the content is missing. */
export function readPhoto(
  database: Database,
  id: string,
): { row: Pick<StoredPhoto, 'id' | 'type'>; bytes: Buffer } | undefined {
  const row =
    database.select().from(photos).where(eq(photos.id, id)).get() ??
    database.select().from(manualPages).where(eq(manualPages.id, id)).get()
  const bytes = row?.contentHash ? readContent(database, row.contentHash) : undefined
  return row && bytes && { row, bytes }
}
