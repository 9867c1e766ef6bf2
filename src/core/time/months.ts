import { addMonths as addMonthsToDate, format, isValid, parseISO } from 'date-fns'

/**
 * A month in words.
 *
 * @param month - `2030-03`
 * @returns `March 2030`; the text itself when it is no month
 */
export function formatMonth(month: string): string {
  const date = parseISO(month)
  return isValid(date) ? format(date, 'MMMM yyyy') : month
}

/**
 * The month a number of months later.
 *
 * @param month - `2020-03`
 * @param months - whole number, negative for earlier
 * @returns `2030-03` for 120
 */
export function addMonths(month: string, months: number): string {
  return format(addMonthsToDate(parseISO(month), months), 'yyyy-MM')
}
