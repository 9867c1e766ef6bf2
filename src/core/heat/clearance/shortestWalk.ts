import type { WalkGrid } from './walkGrid'

/**
 * Shortest walk over the free squares from where one lies to a door.
 *
 * @param grid - of the room
 * @param isBarred - squares that cannot be walked besides
 * @returns squares in order; null when there is none
 */
export function shortestWalk(grid: WalkGrid, isBarred: (square: number) => boolean = () => false): number[] | null {
  const { columns, rows, free, starts, exits } = grid
  const from = new Int32Array(free.length).fill(-1)
  const goals = new Set(exits.filter((square) => !isBarred(square)))
  const queue = starts.filter((square) => free[square] === 1 && !isBarred(square))
  for (const square of queue) from[square] = square
  for (let head = 0; head < queue.length; head += 1) {
    const square = queue[head] ?? 0
    if (goals.has(square)) {
      const walk = [square]
      for (let at = square; from[at] !== at; at = from[at] ?? at) walk.push(from[at] ?? at)
      return walk.toReversed()
    }
    const column = square % columns
    const steps = [
      column > 0 ? square - 1 : -1,
      column < columns - 1 ? square + 1 : -1,
      square >= columns ? square - columns : -1,
      square < columns * (rows - 1) ? square + columns : -1,
    ]
    for (const next of steps) {
      if (next < 0 || free[next] !== 1 || from[next] !== -1 || isBarred(next)) continue
      from[next] = square
      queue.push(next)
    }
  }
  return null
}
