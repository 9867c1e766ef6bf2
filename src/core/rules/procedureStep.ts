import type { Phrase } from '@/core/base/quantity'

/** One step of a procedure, in order. */
export interface ProcedureStep {
  id: string
  title: string
  /** What to do, in a few words. */
  does: string | Phrase
  why: string
  /** The next steps wait for it. */
  holds: boolean
  /** Waiting time at this step, s. */
  holdS?: number
}

/**
 * A step; by default the next ones do not wait for it.
 *
 * @param more - whether the next steps wait, and how long
 */
export function procedureStep(
  id: string,
  title: string,
  does: ProcedureStep['does'],
  why: string,
  more: Partial<Pick<ProcedureStep, 'holds' | 'holdS'>> = {},
): ProcedureStep {
  return { id, title, does, why, holds: false, ...more }
}
