import { download } from '@/app/api/v1/download'
import { problem } from '@/app/api/v1/problem'
import { database } from '@/records/database'
import { tableCsv } from '@/records/archive/export/tableCsv'
import { archiveTables } from '@/records/archive/format/archiveTables'

/** One table as CSV. */
export async function GET(_: Request, { params }: { params: Promise<{ table: string }> }): Promise<Response> {
  const { table } = await params
  const found = archiveTables.find(({ name }) => `${name}.csv` === table)
  if (!found) return problem(404, `There are: ${archiveTables.map(({ name }) => `${name}.csv`).join(', ')}.`)
  return download(tableCsv(database(), found), table, 'text/csv; charset=utf-8; header=present')
}
