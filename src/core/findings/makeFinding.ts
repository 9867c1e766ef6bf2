import type { Phrase } from '@/core/base/quantity'
import type { BasisId } from '@/core/rules/basis/basis'
import type { Finding } from './Finding'
import { type FindingCode, findingCodes, type FindingStation } from './findingCodes'
import type { Fix, StationCodes } from './findingFacts'

/** What is said of one finding; the rest is the same for its code. */
export interface FindingText {
  /** Sentence and reason; `{part}` and the like are filled from `parts`. */
  text: string
  reason: string
  parts?: Phrase['parts']
  /** Of the reason, where they differ; null for none. */
  reasonParts?: Phrase['parts'] | null
  /** Identifier of the cylinder, line, room or heater that its button opens. */
  subjectId?: string
  /** Part of the subject, such as a joint of a line. */
  about?: string
  /** Another button than usual for the code. */
  fix?: Fix
  /** Other sources than usual for the code. */
  basis?: readonly BasisId[]
}

const registry: Readonly<Record<FindingStation, StationCodes>> = findingCodes

const phrase = (text: string, parts: Phrase['parts']): Phrase => ({ text, ...(parts && { parts }) })

/** A finding of a registered code. */
export function makeFinding<Of extends FindingStation>(
  station: Of,
  code: FindingCode<Of>,
  { text, reason, parts, reasonParts = parts, subjectId, about, ...other }: FindingText,
): Finding {
  const facts = registry[station][code]
  if (!facts) throw new RangeError(`The code ${code} is not registered`)
  return {
    code,
    station,
    severity: facts.severity,
    sentence: phrase(text, parts),
    reason: phrase(reason, reasonParts ?? undefined),
    remedy: { ...(other.fix ?? facts.fix), ...(subjectId !== undefined && { subjectId }), ...(about && { about }) },
    basis: other.basis ?? facts.basis,
  }
}
