import { InputError } from '@/core/findings/InputError'

/**
 * Reads the month of manufacture as stamped on a collar.
 *
 * @param text - `03-20`, `3/2020`, `03 20` or `2020-03`
 * @param thisMonth - the month it is, `2026-11`: settles the century and what lies in the future
 * @returns the month, `2020-03`
 * @throws InputError at `manufacturedMonth`
 */
export function readMonth(text: string, thisMonth: string): string {
  const path = 'manufacturedMonth'
  const yearFirst = /^\s*(\d{4})[-/ .](\d{1,2})\s*$/.exec(text)
  const monthFirst = /^\s*(\d{1,2})[-/ .](\d{4}|\d{2})\s*$/.exec(text)
  const [, year = '', month = ''] = yearFirst ?? (monthFirst ? [text, monthFirst[2], monthFirst[1]] : [])
  if (year === '') throw new InputError(path, 'Write month and year as on the collar, such as 03-20.')
  if (Number(month) < 1 || Number(month) > 12) throw new InputError(path, `There is no month ${month}.`)

  const century = Number(thisMonth.slice(0, 2))
  const twoDigit = year.length === 2
  const stamped = (hundred: number): string => `${twoDigit ? hundred : ''}${year}-${month.padStart(2, '0')}`
  // A two-digit year is of this century unless that has not come yet.
  const read = twoDigit && stamped(century) > thisMonth ? stamped(century - 1) : stamped(century)
  if (read > thisMonth) throw new InputError(path, 'That month has not come yet. Check the year.')
  if (read < '1920-01') throw new InputError(path, 'No cylinder in use is that old. Check the year.')
  return read
}
