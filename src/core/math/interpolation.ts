/**
 * Lagrange's cubic through the four nodes around a place in an evenly spaced column.
 *
 * @param column - values at 0, 1, 2, …
 * @param place - where, in steps; within the column
 */
export function lagrangeCubic(column: Float64Array, place: number): number {
  const first = Math.max(0, Math.min(column.length - 4, Math.floor(place) - 1))
  const x = place - first
  const a = column[first] ?? NaN
  const b = column[first + 1] ?? NaN
  const c = column[first + 2] ?? NaN
  const d = column[first + 3] ?? NaN
  return (
    (-a * (x - 1) * (x - 2) * (x - 3)) / 6 +
    (b * x * (x - 2) * (x - 3)) / 2 -
    (c * x * (x - 1) * (x - 3)) / 2 +
    (d * x * (x - 1) * (x - 2)) / 6
  )
}

/**
 * Straight line between two values.
 *
 * @param from - value at share 0
 * @param to - value at share 1
 * @param share - 0 to 1
 */
export function lerp(from: number, to: number, share: number): number {
  return from + (to - from) * share
}

/**
 * Linear interpolation in an evenly spaced column; the nearest end outside it.
 *
 * @param column - values at 0, 1, 2, …; at least one
 * @param place - in steps
 */
export function interpolateColumn(column: ArrayLike<number>, place: number): number {
  const last = column.length - 1
  const within = Math.min(last, Math.max(0, place))
  const i = Math.floor(within)
  const low = column[i] ?? 0
  return lerp(low, column[Math.min(last, i + 1)] ?? low, within - i)
}

/**
 * Linear interpolation between the rows of a table; the nearest end outside it.
 *
 * @param rows - pairs of x and y, x rising; at least one
 * @param x - where
 */
export function interpolateRows(rows: readonly (readonly [x: number, y: number])[], x: number): number {
  const after = rows.findIndex(([at]) => at >= x)
  const upper = rows[after === -1 ? rows.length - 1 : after]
  const lower = rows[after === -1 ? rows.length - 1 : Math.max(0, after - 1)]
  if (!upper || !lower) throw new RangeError('a table has at least one row')
  if (upper === lower) return upper[1]
  return lerp(lower[1], upper[1], (x - lower[0]) / (upper[0] - lower[0]))
}
