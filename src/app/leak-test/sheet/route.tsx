import { problem } from '@/app/api/v1/problem'
import { pdfResponse } from '@/app/pdf/pdfResponse'
import { SheetDocument } from '@/app/pdf/SheetDocument'
import { loadWorld } from '@/app/world'
import { InputError } from '@/core/findings/InputError'
import { lineGraph } from '@/core/hookup/lineGraph'
import { lineZones } from '@/core/hookup/lineZones'
import { leakSheet } from '@/core/leaktest/leakSheet'

/** The leak sheets of the rig’s lines as a PDF, a page or more for each. */
export async function GET(): Promise<Response> {
  const sheets = loadWorld().lines.flatMap(({ gear }) => {
    try {
      const graph = lineGraph(gear.line)
      return [{ name: gear.name, items: leakSheet(graph, lineZones(graph)) }]
    } catch (error) {
      // A line that cannot be read is reported at its own station.
      if (error instanceof InputError) return []
      throw error
    }
  })
  if (sheets.length === 0) return problem(404, 'No line is drawn yet: there is nothing to soap.')
  return pdfResponse(<SheetDocument sheets={sheets} />, 'leak-sheet.pdf')
}
