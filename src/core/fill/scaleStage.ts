/** Where a fill on the scale stands. */
export interface ScaleStage {
  /**
   * `idle`: nothing that heavy stands there; `over` is an alarm: shut, and take it for overfilled until it was
   * weighed again.
   */
  stage: 'idle' | 'under' | 'slow' | 'stop' | 'over'
  toGoKg: number
  /** How far along a bar that ends a tenth of the limit past the mark, 0 to 1. */
  share: number
}

/** The scale reads over by no more than this share of the limit for a stamp's rounding. */
const ROUNDING = 0.001
/** A reading that lies on the border counts as on the mark, whatever binary fractions make of it. */
const BORDER_KG = 1e-9
/** Slow down this far before the mark: a twentieth of the limit. */
const SLOW_SHARE = 0.05
/** The bar ends so far past the mark, as share of the limit. */
const BAR_BEYOND = 0.1

/** Where on that bar one slows down and stops, 0 to 1. */
export const SCALE_MARKS = { slow: (1 - SLOW_SHARE) / (1 + BAR_BEYOND), stop: 1 / (1 + BAR_BEYOND) } as const

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
  const filledKg = limitKg - toGoKg
  const share = Math.min(1, Math.max(0, filledKg / (limitKg * (1 + BAR_BEYOND))))
  if (filledKg < -stepKg) return { stage: 'idle', toGoKg, share }
  const stage =
    toGoKg < -lenienceKg - BORDER_KG
      ? 'over'
      : toGoKg <= stepKg / 2 + BORDER_KG
        ? 'stop'
        : toGoKg <= limitKg * SLOW_SHARE
          ? 'slow'
          : 'under'
  return { stage, toGoKg, share }
}
