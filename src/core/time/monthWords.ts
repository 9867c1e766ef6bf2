const names = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
]

/**
 * A month in words.
 *
 * @param month - `2030-03`
 * @returns `March 2030`; the text itself when it is no month
 */
export function monthWords(month: string): string {
  const name = names[Number(month.slice(5, 7)) - 1]
  return name ? `${name} ${month.slice(0, 4)}` : month
}
