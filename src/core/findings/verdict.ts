import type { Finding } from './Finding'

/**
 * Whether a trip may leave.
 *
 * - `stop`: a stop is open
 * - `fix-first`: something this trip uses is open or unknown
 * - `your-call`: nothing is open, but something is accepted as it is; never called ready
 * - `ready`: nothing is open and nothing accepted
 */
export const verdicts = ['ready', 'your-call', 'fix-first', 'stop'] as const

export type Verdict = (typeof verdicts)[number]

/** Labels. */
export const verdictLabels: Readonly<Record<Verdict, string>> = {
  ready: 'Ready',
  'your-call': 'Your call',
  'fix-first': 'Fix first',
  stop: 'Stop',
}

/**
 * Verdict of findings of which none is accepted: the most severe one decides.
 *
 * @returns `ready` only without stop and fix-first findings; notes do not count
 */
export function verdict(findings: readonly Finding[]): Exclude<Verdict, 'your-call'> {
  if (findings.some(({ severity }) => severity === 'stop')) return 'stop'
  if (findings.some(({ severity }) => severity === 'fix-first')) return 'fix-first'
  return 'ready'
}

/**
 * Verdict where an owner has accepted findings.
 *
 * @param open - findings that are not accepted
 * @param acceptedCount - how many others are
 */
export function verdictWithAccepted(open: readonly Finding[], acceptedCount: number): Verdict {
  const ofOpen = verdict(open)
  return ofOpen === 'ready' && acceptedCount > 0 ? 'your-call' : ofOpen
}

/**
 * A stored verdict as it is shown: versions before 0.7 called ready what is your call, when all was accepted.
 *
 * @param stored - the verdict, and the findings it was given with
 */
export function shownVerdict(stored: Verdict, findings: readonly Pick<Finding, 'severity'>[]): Verdict {
  return stored === 'ready' && findings.some(({ severity }) => severity === 'fix-first') ? 'your-call' : stored
}

/** Whether any finding is a stop. */
export function hasStop(findings: readonly Finding[]): boolean {
  return verdict(findings) === 'stop'
}
