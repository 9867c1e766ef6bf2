import type { Finding } from './Finding'
import { verdict } from './verdict'

/** Whether something among the findings ends only when the fact changes. */
export function isStopped(findings: readonly Finding[]): boolean {
  return verdict(findings) === 'stop'
}
