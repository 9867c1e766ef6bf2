import Papa from 'papaparse'

/** What a cell may hold. */
export type CsvCell = string | number | boolean | null

/**
 * A table as CSV. A text that a spreadsheet would read as a formula gets an apostrophe in front.
 *
 * @param fields - names of the columns
 * @param data - rows, in the order of the columns
 * @see RFC 4180
 */
export function csvTable(fields: string[], data: CsvCell[][]): string {
  return `${Papa.unparse({ fields, data }, { newline: '\r\n', escapeFormulae: true })}\r\n`
}
