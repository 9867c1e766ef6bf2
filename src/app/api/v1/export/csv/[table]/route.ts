import { download } from '@/app/api/v1/download'
import { problem } from '@/app/api/v1/problem'
import { exportedTables, exportTable } from '@/services/archive/exports'

/** One table as CSV. */
export async function GET(_: Request, { params }: { params: Promise<{ table: string }> }): Promise<Response> {
  const { table } = await params
  const csv = exportTable(table.replace(/\.csv$/, ''))
  if (csv === null) return problem(404, `There are: ${exportedTables.map((name) => `${name}.csv`).join(', ')}.`)
  return download(csv, table, 'text/csv; charset=utf-8; header=present')
}
