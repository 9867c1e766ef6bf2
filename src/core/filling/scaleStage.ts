/** Where a fill on the scale stands. */
export interface ScaleStage {
  /** `over` is an alarm: shut, and take it for overfilled until it was weighed again. */
  stage: 'under' | 'slow' | 'stop' | 'over'
  toGoKg: number
}

/** The scale reads over by no more than this share of the limit for a stamp's rounding. */
const ROUNDING = 0.001
/** Slow down this far before the mark: a twentieth of the limit. */
const SLOW_SHARE = 0.05

/**
 * How a live reading stands against the stop mark.
 *
 * @param grossKg - on the scale, everything counted
 * @param stopKg - stop weight
 * @param limitKg - most gas it may hold
 * @param stepKg - the scale's step: half of it either way is the mark
 */
export function scaleStage(grossKg: number, stopKg: number, limitKg: number, stepKg: number): ScaleStage {
  const toGoKg = stopKg - grossKg
  const lenienceKg = Math.max(limitKg * ROUNDING, stepKg / 2)
  const stage =
    toGoKg < -lenienceKg ? 'over' : toGoKg <= stepKg / 2 ? 'stop' : toGoKg <= limitKg * SLOW_SHARE ? 'slow' : 'under'
  return { stage, toGoKg }
}
