import { problem } from '@/app/api/v1/problem'
import { pdfResponse } from '@/app/pdf/pdfResponse'
import { SheetDocument } from '@/app/pdf/SheetDocument'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { lineGraphOrNull } from '@/core/hookup/line/lineGraph'
import { leakSheet } from '@/core/leak-test/sheet/leakSheet'

/** The leak sheets of the rig’s lines as a PDF, a page or more for each. */
export async function GET(): Promise<Response> {
  const sheets = loadRigSnapshot().lines.flatMap(({ gear: { name, line } }) => {
    const graph = lineGraphOrNull(line)
    return graph ? [{ name, items: leakSheet(graph) }] : []
  })
  if (sheets.length === 0) return problem(404, 'No line is drawn yet: there is nothing to soap.')
  return pdfResponse(<SheetDocument sheets={sheets} />, 'leak-sheet.pdf')
}
