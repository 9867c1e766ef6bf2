import { InputError } from '@/core/base/InputError'

/** Older than any cylinder still in use; a two-digit year is not taken for one before it. */
const OLDEST = '1950-01'

/**
 * A month from its stamped digits.
 *
 * @param monthDigits - `3` or `03`
 * @param yearDigits - `20` or `2020`
 * @param thisMonth - the month it is, `2026-11`: settles the century and what lies in the future
 * @param path - field path for errors
 * @returns the month, `2020-03`
 * @throws InputError for a month that is none, has not come yet, or lies before 1950
 */
export function stampedMonth(monthDigits: string, yearDigits: string, thisMonth: string, path: string): string {
  if (Number(monthDigits) < 1 || Number(monthDigits) > 12) {
    throw new InputError(path, `There is no month ${monthDigits}.`)
  }
  const century = Number(thisMonth.slice(0, 2))
  const month = monthDigits.padStart(2, '0')
  const inCentury = (hundred: number): string => `${hundred}${yearDigits}-${month}`
  const candidates = yearDigits.length === 4 ? [`${yearDigits}-${month}`] : [inCentury(century), inCentury(century - 1)]
  const read = candidates.find((candidate) => candidate >= OLDEST && candidate <= thisMonth)
  if (read) return read
  if (candidates.some((candidate) => candidate > thisMonth)) {
    throw new InputError(path, `${monthDigits}-${yearDigits} has not come yet. Check month and year.`)
  }
  throw new InputError(path, 'No cylinder in use is that old. Check the year.')
}
