import { InputError } from '@/core/base/InputError'
import { stampedMonth } from './stampedMonth'

/**
 * Reads a month as stamped on a collar.
 *
 * @param text - `03-20`, `3/2020`, `03 20` or `2020-03`
 * @param thisMonth - the month it is, `2026-11`: settles the century and what lies in the future
 * @param path - field path for errors
 * @returns the month, `2020-03`
 * @throws InputError as stampedMonth does, and for what is no month at all
 */
export function readMonth(text: string, thisMonth: string, path = 'manufacturedMonth'): string {
  const yearFirst = /^\s*(\d{4})[-/ .](\d{1,2})\s*$/.exec(text)
  const monthFirst = /^\s*(\d{1,2})[-/ .](\d{4}|\d{2})\s*$/.exec(text)
  const [, year = '', month = ''] = yearFirst ?? (monthFirst ? [text, monthFirst[2], monthFirst[1]] : [])
  if (year === '') throw new InputError(path, 'Write month and year as on the collar, such as 03-20.')
  return stampedMonth(month, year, thisMonth, path)
}
