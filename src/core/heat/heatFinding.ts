import type { Finding, Severity } from '@/core/findings/Finding'
import type { Phrase, Quantity } from '@/core/base/quantity'
import type { BasisId } from '@/core/rules/basis/basis'

interface Found {
  code: string
  severity: Severity
  text: string
  reason: string
  parts?: Readonly<Record<string, Quantity | string>>
  /** Room or heater it is about. */
  subjectId?: string
  /** Thing of the room. */
  about?: string
  label: string
  page?: string
  basis: readonly BasisId[]
}

/** A finding of Heat & air. */
export function heatFinding(found: Found): Finding {
  const { code, severity, text, reason, parts, subjectId, about, label, page, basis } = found
  const phrase = (words: string): Phrase => ({ text: words, ...(parts && { parts }) })
  return {
    code,
    station: 'heat',
    severity,
    sentence: phrase(text),
    reason: phrase(reason),
    remedy: {
      label,
      station: 'heat',
      ...(subjectId && { subjectId }),
      ...(about && { about }),
      ...(page && { page }),
    },
    basis,
  }
}
