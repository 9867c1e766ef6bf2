import type { Finding } from '@/core/findings/Finding'
import { findingKey } from './readiness'

export interface FindingChanges {
  /** Found now and not then. */
  added: readonly Finding[]
  /** Found then and no longer. */
  resolved: readonly Finding[]
}

/**
 * What changed between two judgments of one trip; notes do not count.
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
