import { format } from 'date-fns'

const monthNames = Array.from({ length: 12 }, (_, i) => format(new Date(2000, i, 1), 'MMMM'))

/**
 * A month in words.
 *
 * @param month - `2030-03`
 * @returns `March 2030`; the text itself when it is no month
 */
export function formatMonth(month: string): string {
  const name = monthNames[Number(month.slice(5, 7)) - 1]
  return name ? `${name} ${month.slice(0, 4)}` : month
}

/**
 * The month a number of months later.
 *
 * @param month - `2020-03`
 * @param months - whole number, negative for earlier
 * @returns `2030-03` for 120
 */
export function addMonths(month: string, months: number): string {
  const total = Number(month.slice(0, 4)) * 12 + Number(month.slice(5, 7)) - 1 + months
  const year = Math.floor(total / 12)
  return `${String(year).padStart(4, '0')}-${String(total - year * 12 + 1).padStart(2, '0')}`
}
