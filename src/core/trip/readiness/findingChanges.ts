import type { Finding } from '@/core/findings/Finding'
import { findingKey } from './readiness'

export interface FindingChanges {
  /** New since then. */
  added: readonly Finding[]
  /** Resolved since then. */
  resolved: readonly Finding[]
}

/**
 * Changes between two judgments of a trip, without notes.
 *
 * @param before - findings then
 * @param now - findings now
 */
export function findingChanges(before: readonly Finding[], now: readonly Finding[]): FindingChanges {
  const serious = (findings: readonly Finding[]): Finding[] => findings.filter(({ severity }) => severity !== 'note')
  const missingIn = (others: readonly Finding[]) => {
    const keys = new Set(serious(others).map(findingKey))
    return (finding: Finding): boolean => !keys.has(findingKey(finding))
  }
  return { added: serious(now).filter(missingIn(before)), resolved: serious(before).filter(missingIn(now)) }
}
