import { createHash } from 'node:crypto'
import { canonicalJson } from './canonicalJson'

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
