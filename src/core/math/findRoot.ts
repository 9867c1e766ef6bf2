/** Two numbers with the change of a condition between them. */
export interface Bracket {
  low: number
  high: number
  middle: number
}

/** When a bisection ends: after a number of halvings, or when the bracket is this narrow. */
export interface BisectionEnd {
  halvings?: number
  width?: number
}

/**
 * Narrows the place where a condition turns from false to true by bisection.
 *
 * @param isPast - false at `low`, true at `high`, and changing once between them
 * @param low - lower end
 * @param high - upper end
 * @param end - at least one of the two limits
 */
export function bisect(
  isPast: (x: number) => boolean,
  low: number,
  high: number,
  { halvings = Infinity, width = 0 }: BisectionEnd,
): Bracket {
  let [below, above] = [low, high]
  for (let i = 0; i < halvings && above - below > width; i += 1) {
    const middle = (below + above) / 2
    if (isPast(middle)) above = middle
    else below = middle
  }
  return { low: below, high: above, middle: (below + above) / 2 }
}

/** Settings of `findRoot`. */
export interface RootSearch {
  /** Second point of the secant, relative to the start. */
  firstStep: number
  /** The root lies no further than this from the start. */
  reach: number
  /** Steps shorter than this end the search. */
  tolerance: number
}

const SECANT_STEPS = 12
const FALLBACK_HALVINGS = 40

/**
 * Root of a falling function: secant iteration, falling back to bisection when a step leaves the bracket.
 *
 * @param f - falling over start − reach to start + reach
 * @param start - first guess
 * @param search - step, reach and tolerance, in the unit of `start`
 */
export function findRoot(f: (x: number) => number, start: number, { firstStep, reach, tolerance }: RootSearch): number {
  let [a, b] = [start, start + firstStep]
  let [atA, atB] = [f(a), f(b)]
  for (let i = 0; i < SECANT_STEPS && atA !== atB; i += 1) {
    const next = b - (atB * (a - b)) / (atA - atB)
    if (!(Math.abs(next - start) < reach)) break
    if (Math.abs(next - b) < tolerance) return next
    ;[a, atA, b] = [b, atB, next]
    atB = f(b)
    if (atB === 0) return b
  }
  return bisect((x) => !(f(x) > 0), start - reach, start + reach, { halvings: FALLBACK_HALVINGS }).middle
}

const GOLDEN_RATIO = (Math.sqrt(5) - 1) / 2

/**
 * Place of the minimum of a function with one minimum, by golden-section search.
 *
 * @param f - with one minimum between the ends
 * @param low - lower end
 * @param high - upper end
 * @param width - the search ends when the bracket is this narrow
 */
export function findMinimum(f: (x: number) => number, low: number, high: number, width: number): number {
  let [from, to] = [low, high]
  while (to - from > width) {
    const lower = to - GOLDEN_RATIO * (to - from)
    const upper = from + GOLDEN_RATIO * (to - from)
    if (f(lower) < f(upper)) to = upper
    else from = lower
  }
  return (from + to) / 2
}
