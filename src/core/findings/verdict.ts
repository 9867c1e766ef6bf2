import type { Finding } from './Finding'

export type Verdict = 'ready' | 'fix-first' | 'stop'

/** Labels. */
export const verdictLabels: Readonly<Record<Verdict, string>> = {
  ready: 'Ready',
  'fix-first': 'Fix first',
  stop: 'Stop',
}

/**
 * Verdict of a list of findings: the most severe one decides.
 *
 * @returns `ready` only without stop and fix-first findings; notes do not count
 */
export function verdict(findings: readonly Finding[]): Verdict {
  if (findings.some(({ severity }) => severity === 'stop')) return 'stop'
  if (findings.some(({ severity }) => severity === 'fix-first')) return 'fix-first'
  return 'ready'
}

/** Whether any finding is a stop. */
export function hasStop(findings: readonly Finding[]): boolean {
  return verdict(findings) === 'stop'
}
