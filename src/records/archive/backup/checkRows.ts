import type { InputIssue } from '@/core/base/InputError'
import { zodIssues } from '@/core/base/zod'
import { archiveTables } from '@/records/archive/format/archiveTables'
import { rowSchema } from '@/records/archive/format/rowSchema'
import { FileError } from '@/records/archive/import/FileError'
import type { Database } from '@/records/databaseType'
import { contentHash, photoTypeOf } from '@/records/repositories/photos'
import { photoContents } from '@/records/schema/schema'

const MAX_ISSUES = 20

function issuesOfRows(database: Database): InputIssue[] {
  const issues: InputIssue[] = []
  for (const { name, table } of archiveTables) {
    const schema = rowSchema(table)
    for (const [i, row] of database.select().from(table).all().entries()) {
      const checked = schema.safeParse(row)
      if (checked.success) continue
      issues.push(...zodIssues(checked.error).map(({ path, message }) => ({ path: `${name}.${i}.${path}`, message })))
      if (issues.length >= MAX_ISSUES) return issues.slice(0, MAX_ISSUES)
    }
  }
  return issues
}

/**
 * Checks every row by the schemas of the open format, and every photo by its hash and content.
 *
 * @throws FileError for the first twenty issues
 */
export function checkRows(database: Database): void {
  const issues = issuesOfRows(database)
  for (const { hash, bytes } of database.select().from(photoContents).all()) {
    if (contentHash(bytes) !== hash) issues.push({ path: 'photo_contents', message: 'A picture is damaged.' })
    else if (!photoTypeOf(bytes)) issues.push({ path: 'photo_contents', message: 'A picture is no picture.' })
  }
  if (issues.length > 0) throw new FileError(issues.map((issue) => ({ ...issue, line: null })))
}
