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
  let a = start
  let b = start + firstStep
  let atA = f(a)
  let atB = f(b)
  for (let i = 0; i < SECANT_STEPS && atA !== atB; i += 1) {
    const next = b - (atB * (a - b)) / (atA - atB)
    if (!(Math.abs(next - start) < reach)) break
    if (Math.abs(next - b) < tolerance) return next
    a = b
    atA = atB
    b = next
    atB = f(b)
    if (atB === 0) return b
  }
  return bisect((x) => !(f(x) > 0), start - reach, start + reach, { halvings: FALLBACK_HALVINGS }).middle
}

/** Where a search that is repeated with little change begins. */
export interface RootGuess {
  /** Near the root. */
  at: number
  /** Slope of the function there; NaN when unknown. Set to the slope that was found. */
  slope: number
}

/** A first step that shrinks the function less than this was made with a wrong slope. */
const SHRUNK = 0.5

/** The slope may be a little old: the last step is shorter than the tolerance by so much. */
const OF_TOLERANCE = 0.01

/** Points nearer to each other than this, in tolerances, give no slope. */
const APART = 1000

/**
 * Root of a falling function, starting from what an earlier search found: two or three evaluations when little has
 * changed. Falls back to `findRoot`.
 *
 * @param f - falling over start − reach to start + reach
 * @param start - first guess of `findRoot`
 * @param search - step, reach and tolerance, in the unit of `start`
 * @param guess - changed in place
 */
export function findRootNear(f: (x: number) => number, start: number, search: RootSearch, guess: RootGuess): number {
  if (guess.slope < 0) {
    let a = guess.at
    let atA = f(a)
    let b = a - atA / guess.slope
    for (let i = 0; i < SECANT_STEPS && Math.abs(b - start) < search.reach; i += 1) {
      const atB = f(b)
      if (atB === 0) return b
      if (!(Math.abs(atB) <= SHRUNK * Math.abs(atA))) break
      if (Math.abs(b - a) > APART * search.tolerance) guess.slope = (atB - atA) / (b - a)
      const next = b - atB / guess.slope
      if (Math.abs(next - b) < search.tolerance * OF_TOLERANCE) return next
      a = b
      atA = atB
      b = next
    }
  }
  const root = findRoot(f, start, search)
  const beside = root + search.firstStep
  guess.slope = (f(beside) - f(root)) / (beside - root)
  return root
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
