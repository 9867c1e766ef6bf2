import { gunzipSync } from 'node:zlib'
import { fileFault } from './FileError'

/** Largest file, compressed or not: twenty years of records with photos are smaller. */
export const MAX_BYTES = 64 * 1024 * 1024

const TOO_LARGE = 'This file is too large to be an owner’s records: 64 MiB at most.'

/** First bytes of file types that are mistaken for an export. */
const others: readonly [start: string, sentence: string][] = [
  ['SQLite format 3', 'This is a copy of the database, not an export: take it in under Restore.'],
  ['PK\x03\x04', 'This is a zip archive: unpack it first, and import the file inside.'],
  ['%PDF', 'This is a PDF, not an export of Gold Kettle.'],
  ['\x89PNG', 'This is a picture, not an export of Gold Kettle.'],
  ['\xff\xd8\xff', 'This is a picture, not an export of Gold Kettle.'],
]

/** Unpacks up to the largest size, however small the compressed file is. */
function gunzip(bytes: Buffer): Buffer {
  try {
    return gunzipSync(bytes, { maxOutputLength: MAX_BYTES })
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException
    throw fileFault(code === 'ERR_BUFFER_TOO_LARGE' ? TOO_LARGE : 'This packed file is damaged: it cannot be unpacked.')
  }
}

/**
 * The text of a file that may be packed.
 *
 * @param bytes - as they came
 * @throws FileError for a file that is too large, of another type, or no text
 */
export function unpack(bytes: Buffer): string {
  if (bytes.length > MAX_BYTES) throw fileFault(TOO_LARGE)
  if (bytes.length === 0) throw fileFault('This file is empty.')
  const head = bytes.toString('latin1', 0, 16)
  const other = others.find(([start]) => head.startsWith(start))
  if (other) throw fileFault(other[1])
  const plain = head.startsWith('\x1f\x8b') ? gunzip(bytes) : bytes
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(plain)
  } catch {
    throw fileFault('This file is no text: an export of Gold Kettle is JSON.')
  }
}
