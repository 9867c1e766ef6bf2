import { ConflictError, NotFoundError } from '@/records/RecordsError'

/**
 * Looks at what an update that named the row's version came to.
 *
 * @param changes - rows changed, 0 or 1
 * @param current - the present row
 * @param what - word for the item, for the message
 * @throws ConflictError when a newer version exists, NotFoundError when the row does not
 */
export function requireUpdated<Row>(changes: number, current: Row | undefined, what: string): void {
  if (changes === 1) return
  if (current === undefined) throw new NotFoundError(what)
  throw new ConflictError(current)
}
