import type { InputIssue } from '@/core/base/InputError'
import { zodIssues } from '@/core/base/zod'
import type { ArchiveRow } from './Archive'
import { type ArchiveTable, archiveTables } from './archiveTables'
import { rowSchema } from './rowSchema'

/** So many issues tell what is wrong; the rest of the rows is not read. */
export const MAX_ISSUES = 20

/**
 * Checks the rows of every table one by one, up to the first twenty issues.
 *
 * @param rowsOf - the rows of a table, not to be trusted
 * @returns the checked rows by table, and issues at `weighings.3.grossKg`
 */
export function checkTables(rowsOf: (table: ArchiveTable) => readonly unknown[]): {
  tables: Record<string, ArchiveRow[]>
  issues: InputIssue[]
} {
  const issues: InputIssue[] = []
  const tables: Record<string, ArchiveRow[]> = {}
  for (const one of archiveTables) {
    const schema = rowSchema(one.table)
    const rows: ArchiveRow[] = []
    for (const [i, row] of rowsOf(one).entries()) {
      const checked = schema.safeParse(row)
      if (checked.success) {
        rows.push(checked.data)
        continue
      }
      const own = zodIssues(checked.error)
      issues.push(
        ...own.map(({ path, message }) => ({
          path: [one.name, i, path].filter((step) => step !== '').join('.'),
          message,
        })),
      )
      if (issues.length >= MAX_ISSUES) return { tables, issues: issues.slice(0, MAX_ISSUES) }
    }
    tables[one.name] = rows
  }
  return { tables, issues }
}
