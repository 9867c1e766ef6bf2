import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'

/** A moment of the owner's choice; null for just now. */
export const momentField = z.iso.datetime({ error: 'Enter a day and an hour, or nothing for just now.' }).nullable()

/** When something happened; just now where nothing is said. */
export const happenedAtField = momentField.default(null)

/** A clock that runs a little ahead in the browser is no mistake. */
const TOLERANCE_MS = 60_000

/**
 * When an entry happened.
 *
 * @param chosen - by the owner; null for just now
 * @throws InputError at `happenedAt` for a time that is still to come
 */
export function happenedAt(chosen: string | null, now: Date): string {
  if (chosen === null) return now.toISOString()
  const aheadMs = Date.parse(chosen) - now.getTime()
  if (aheadMs > TOLERANCE_MS) {
    throw new InputError('happenedAt', 'This time is still to come. Check the date and the year.')
  }
  return new Date(Math.min(Date.parse(chosen), now.getTime())).toISOString()
}
