import { randomInt } from 'node:crypto'
import fs from 'node:fs'

/** SQLite application id: “GKet”. */
export const APPLICATION_ID = 0x474b6574

const MAGIC = 'SQLite format 3\0'

/** What the first bytes of a file say, read without SQLite, which would change the file. */
export interface FileHeader {
  isDatabase: boolean
  applicationId: number
  /** The number that a start gives to the file: see claimFile. */
  identity: number
  size: number
}

/**
 * Reads the header of a database file.
 *
 * @param opened - descriptor of the file
 * @see SQLite file format, section 1.3
 */
export function readHeader(opened: number): FileHeader {
  const bytes = Buffer.alloc(100)
  const count = fs.readSync(opened, bytes, 0, 100, 0)
  return {
    isDatabase: count === 100 && bytes.toString('latin1', 0, 16) === MAGIC,
    applicationId: bytes.readUInt32BE(68),
    identity: bytes.readInt32BE(60),
    size: fs.fstatSync(opened).size,
  }
}

/** A number that no other file has, for `user_version`. */
export function newIdentity(): number {
  return randomInt(1, 2 ** 31)
}
