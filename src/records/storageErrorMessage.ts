import { RecordsError } from './RecordsError'

function codeOf(error: unknown): string {
  return typeof error === 'object' && error !== null && 'code' in error ? String(error.code) : ''
}

/** Messages for write errors, by the error code of the database or the disk. */
const sentences: readonly [code: RegExp, sentence: string][] = [
  [/^(SQLITE_FULL|ENOSPC|EDQUOT)/, 'Not saved: the disk is full. Make room, and save again; nothing was half written.'],
  [
    /^(SQLITE_READONLY|EROFS|EACCES|EPERM)/,
    'Not saved: the records may only be read. Allow writing to their file and folder, and save again.',
  ],
  [/^(SQLITE_BUSY|SQLITE_LOCKED)/, 'Not saved: something else is writing to the records. Try again in a moment.'],
  [
    /^(SQLITE_IOERR|EIO|SQLITE_CORRUPT|SQLITE_NOTADB)/,
    'Not saved: the disk does not answer as it should. Make a backup from a copy of the file before going on.',
  ],
]

/** Whether an error says that a part of the file cannot be read. */
export function isDamage(error: unknown): boolean {
  return /^SQLITE_(CORRUPT|NOTADB)/.test(codeOf(error))
}

/** Sentence of an error that an owner can meet: of the records, or of the disk; null for a bug. */
export function expectedMessage(error: unknown): string | null {
  return error instanceof RecordsError ? error.message : storageErrorMessage(error)
}

/**
 * Why the records could not be written, in a sentence.
 *
 * @param error - as it was thrown
 * @returns null for what is no fault of the disk
 */
export function storageErrorMessage(error: unknown): string | null {
  return sentences.find(([pattern]) => pattern.test(codeOf(error)))?.[1] ?? null
}
