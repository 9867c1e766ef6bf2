import { createHash } from 'node:crypto'

/** JSON with sorted keys, so that equal content gives equal text. */
function sortFindings(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sortFindings)
  if (value === null || typeof value !== 'object') return value
  const entries = Object.entries(value).filter(([, held]) => held !== undefined)
  return Object.fromEntries(
    entries.toSorted(([a], [b]) => (a < b ? -1 : 1)).map(([key, held]) => [key, sortFindings(held)]),
  )
}

/** JSON with keys in order: the same content gives the same bytes. */
export function canonicalJson(value: unknown): string {
  return JSON.stringify(sortFindings(value))
}

/**
 * SHA-256 over the rows of a table as an export writes them, so that a file that was damaged or changed is noticed.
 *
 * @param rows - as JSON gives them
 */
export function tableHash(rows: readonly unknown[]): string {
  const hash = createHash('sha256')
  for (const row of rows) hash.update(canonicalJson(row)).update('\n')
  return hash.digest('hex')
}
