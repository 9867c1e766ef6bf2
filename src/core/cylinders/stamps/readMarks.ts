import { InputError } from '@/core/base/InputError'
import { stampedMonth } from './stampedMonth'
import type { Mark, MarkLetter } from './stampReading'

const MONTH_FIRST = /^([ES])?\s*(\d{1,2})\s*[-/ ]\s*(?:([A-Z]\d{3,6})\s*[-/ ]\s*)?(\d{4}|\d{2})\s*([ES])?$/
const YEAR_FIRST = /^([ES])?\s*(\d{4})[-/](\d{1,2})\s*([ES])?$/

/**
 * Reads requalification marks as a list, for correcting by hand what was read from the collar.
 *
 * @param text - `E 05-25, 06-20 S`; empty for none
 * @param thisMonth - the month it is
 * @throws InputError at `marks` for one that is none, or has not come yet
 */
export function readMarks(text: string, thisMonth: string): Mark[] {
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
