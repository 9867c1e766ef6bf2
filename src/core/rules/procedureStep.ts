/** One step of a procedure, in order. */
export interface ProcedureStep {
  id: string
  title: string
  /** What is done, in a few words. */
  does: string
  why: string
  /** The next ones wait for it. */
  holds: boolean
  /** Seconds to be waited out at this step. */
  holdS?: number
}

/**
 * A step that holds nothing unless told.
 *
 * @param more - whether it holds the next ones, and for how long it is held
 */
export function procedureStep(
  id: string,
  title: string,
  does: string,
  why: string,
  more: Partial<Pick<ProcedureStep, 'holds' | 'holdS'>> = {},
): ProcedureStep {
  return { id, title, does, why, holds: false, ...more }
}
