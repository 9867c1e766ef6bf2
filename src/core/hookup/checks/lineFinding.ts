import type { Finding, Severity } from '@/core/findings/Finding'
import type { PartFlow } from '@/core/hookup/flow/lineFlow'
import type { LineGraph } from '@/core/hookup/line/lineGraph'
import type { Phrase, Quantity } from '@/core/base/quantity'
import type { PartZones } from '@/core/hookup/line/lineZones'
import type { BasisId } from '@/core/rules/basis/basis'

/** Input of every check of a line. */
export interface LineCase {
  lineId: string
  graph: LineGraph
  zones: ReadonlyMap<string, PartZones>
  /** Null when the line has a cycle, because its flows are not defined. */
  flow: ReadonlyMap<string, PartFlow> | null
  /** Last month of the period it is judged for, `2026-12`. */
  untilMonth: string
}

interface Found {
  code: string
  severity: Severity
  /** Sentence; `{part}` and the like are filled from `parts`. */
  text: string
  reason: string
  parts?: Readonly<Record<string, Quantity | string>>
  /** Part or joint the finding is about. */
  about?: string
  label?: string
  page?: string
  basis: readonly BasisId[]
}

/**
 * A finding about a line.
 *
 * @param lineId - of the line
 * @param found - its texts and place
 */
export function lineFinding(lineId: string, found: Found): Finding {
  const { code, severity, text, reason, parts, about, label = 'To the line', page, basis } = found
  const phrase = (words: string): Phrase => ({ text: words, ...(parts && { parts }) })
  return {
    code,
    station: 'hookup',
    severity,
    sentence: phrase(text),
    reason: phrase(reason),
    remedy: { label, station: 'hookup', subjectId: lineId, ...(about && { about }), ...(page && { page }) },
    basis,
  }
}
