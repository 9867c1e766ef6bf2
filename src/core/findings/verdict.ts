import type { Finding } from './Finding'

export type Verdict = 'ready' | 'fix-first' | 'stop'

/** How each is called. */
export const verdictLabels: Readonly<Record<Verdict, string>> = {
  ready: 'Ready',
  'fix-first': 'Fix first',
  stop: 'Stop',
}

/**
 * What a list of findings comes to: the worst of them decides.
 *
 * @returns `ready` only when nothing is to be mended; notes do not count
 */
export function verdict(findings: readonly Finding[]): Verdict {
  if (findings.some(({ severity }) => severity === 'stop')) return 'stop'
  if (findings.some(({ severity }) => severity === 'fix-first')) return 'fix-first'
  return 'ready'
}

/** Whether something among the findings ends only when the fact changes. */
export function hasStop(findings: readonly Finding[]): boolean {
  return verdict(findings) === 'stop'
}
