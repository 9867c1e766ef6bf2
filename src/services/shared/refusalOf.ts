import { ConflictError, NotFoundError, RecordsError } from '@/records/RecordsError'
import { storageErrorMessage } from '@/records/storageErrorMessage'

/** Why records were not read or changed. */
export interface Refusal {
  sentence: string
  /** A newer version was saved meanwhile. */
  isConflict: boolean
  /** The disk refuses, not the program. */
  isOfDisk: boolean
}

/** What an owner is told of an error of the records; null for a fault of the program. */
export function refusalOf(error: unknown): Refusal | null {
  const isConflict = error instanceof ConflictError
  if (isConflict || error instanceof NotFoundError || error instanceof RecordsError) {
    return { sentence: error.message, isConflict, isOfDisk: false }
  }
  const sentence = storageErrorMessage(error)
  return sentence === null ? null : { sentence, isConflict: false, isOfDisk: true }
}
