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
