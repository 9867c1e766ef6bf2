import type { Mark } from './stampReading'

/**
 * Marks as a list, as readMarks takes it.
 *
 * @returns `05-25 E, 06-20 S`
 */
export function writeMarks(marks: readonly Mark[]): string {
  return marks
    .map(({ month, letter, requalifier }) => {
      const [year = '', monthOfYear = ''] = month.split('-')
      return [`${monthOfYear}-${requalifier ? `${requalifier}-` : ''}${year}`, letter].filter(Boolean).join(' ')
    })
    .join(', ')
}
