/** State of a fill on the scale. */
export interface ScaleStage {
  /**
   * `idle`: the load is lighter than the empty cylinder; `over` is an alarm: close the valve and treat it as overfilled until it is
   * weighed again.
   */
  stage: 'idle' | 'under' | 'slow' | 'stop' | 'over'
  toGoKg: number
  /** How far along a bar that ends a tenth of the limit past the mark, 0 to 1. */
  share: number
}

/** The scale reads over by no more than this share of the limit for a stamp's rounding. */
const ROUNDING = 0.001
/** A reading on the border counts as on the mark, despite rounding of binary fractions. */
const BORDER_KG = 1e-9
/** Slow down this far before the mark: a twentieth of the limit. */
const SLOW_SHARE = 0.05
/** Length of the bar beyond the mark, as a share of the limit. */
const BAR_BEYOND = 0.1

/** Places on the bar where the fill is slowed and stopped, 0 to 1. */
export const SCALE_MARKS = { slow: (1 - SLOW_SHARE) / (1 + BAR_BEYOND), stop: 1 / (1 + BAR_BEYOND) } as const

/**
 * Compares a live reading with the stop weight.
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
