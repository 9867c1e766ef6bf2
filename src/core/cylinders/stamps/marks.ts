import { InputError } from '@/core/base/InputError'
import type { Mark, MarkLetter } from './stampReading'

/** No cylinder in use is older; a two-digit year is read as this year or later. */
const OLDEST = '1950-01'

/**
 * A month from its stamped digits.
 *
 * @param monthDigits - `3` or `03`
 * @param yearDigits - `20` or `2020`
 * @param thisMonth - current month, `2026-11`: decides the century and what is in the future
 * @param path - field path for errors
 * @returns the month, `2020-03`
 * @throws InputError for an invalid month, a future one, or one before 1950
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

/**
 * Reads a month as stamped on a collar.
 *
 * @param text - `03-20`, `3/2020`, `03 20` or `2020-03`
 * @param thisMonth - current month, `2026-11`: decides the century and what is in the future
 * @param path - field path for errors
 * @returns the month, `2020-03`
 * @throws InputError as stampedMonth does, and for text that is no month
 */
export function parseMonth(text: string, thisMonth: string, path = 'manufacturedMonth'): string {
  const yearFirst = /^\s*(\d{4})[-/ .](\d{1,2})\s*$/.exec(text)
  const monthFirst = /^\s*(\d{1,2})[-/ .](\d{4}|\d{2})\s*$/.exec(text)
  const [, year = '', month = ''] = yearFirst ?? (monthFirst ? [text, monthFirst[2], monthFirst[1]] : [])
  if (year === '') throw new InputError(path, 'Write month and year as on the collar, such as 03-20.')
  return stampedMonth(month, year, thisMonth, path)
}

const MONTH_FIRST = /^([ES?])?\s*(\d{1,2})\s*[-/ ]\s*(?:([A-Z]\d{3,6})\s*[-/ ]\s*)?(\d{4}|\d{2})\s*([ES?])?$/

const YEAR_FIRST = /^([ES?])?\s*(\d{4})[-/](\d{1,2})\s*([ES?])?$/

/**
 * Parses a list of requalification marks, used to correct what was read from the collar.
 *
 * @param text - `E 05-25, 06-20 S`; empty for none
 * @param thisMonth - current month
 * @throws InputError at `marks` for an entry that is no mark or lies in the future
 */
export function parseMarks(text: string, thisMonth: string): Mark[] {
  const entries = text
    .split(/[,;\n]/)
    .map((entry) => entry.trim().toUpperCase())
    .filter((entry) => entry !== '')
  return entries.map((entry): Mark => {
    const yearFirst = YEAR_FIRST.exec(entry)
    const monthFirst = MONTH_FIRST.exec(entry)
    if (!yearFirst && !monthFirst) {
      throw new InputError(
        'marks',
        `“${entry}” is no mark. Write month, year and letter, such as 05-25 E, with commas between.`,
      )
    }
    const [before, month, requalifier, year, behind] = yearFirst
      ? [yearFirst[1], yearFirst[3], undefined, yearFirst[2], yearFirst[4]]
      : (monthFirst?.slice(1) ?? [])
    return {
      month: stampedMonth(month ?? '', year ?? '', thisMonth, 'marks'),
      letter: ((before ?? behind) as MarkLetter | undefined) ?? null,
      requalifier: requalifier ?? null,
    }
  })
}

/**
 * Formats marks as a list that parseMarks reads.
 *
 * @returns `05-25 E, 06-20 S`
 */
export function formatMarks(marks: readonly Mark[]): string {
  return marks
    .map(({ month, letter, requalifier }) => {
      const [year = '', monthOfYear = ''] = month.split('-')
      return [`${monthOfYear}-${requalifier ? `${requalifier}-` : ''}${year}`, letter].filter(Boolean).join(' ')
    })
    .join(', ')
}
